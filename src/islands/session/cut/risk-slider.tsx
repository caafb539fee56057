import { useQueryClient } from '@tanstack/react-query';
import { useMemo, useState } from 'react';
import { formatTotal, type Units } from '../../../core/measure';
import { planSeat, seatOf } from '../../../core/seat';
import { problemOf, request } from '../../../ui/api';
import { viewKey } from '../model/session-view';
import type { SessionModel } from '../model/use-session';

/** Stops of the slider: one piece in so many runs short. */
const ODDS = [2, 3, 5, 8, 12, 20, 30, 45, 60, 100, 200, 500, 1000];
const nearest = (odds: number): number =>
  ODDS.reduce((best, value, i) => (Math.abs(value - odds) < Math.abs(ODDS[best]! - odds) ? i : best), 0);

/** The allowance by risk: slide between cord cut too long and pieces that run short, and read what it comes to. */
export function RiskSlider({ model, units }: { model: SessionModel; units: Units }) {
  const { view, group } = model;
  const { settings, catalogue, version } = view.studio;
  const client = useQueryClient();
  const stored = nearest(settings.figures.short_cost + 1);
  const [at, setAt] = useState(stored);
  const [problem, setProblem] = useState<string | null>(null);
  const totals = useMemo(() => {
    const of = (short_cost: number) => {
      const figures = { ...settings.figures, short_cost };
      return view.seats.reduce((sum, record) => {
        const seat = seatOf(record, view.session.school ?? settings.school, catalogue.projects);
        return sum + (planSeat(seat, catalogue, figures, group).cut?.total_mm ?? 0);
      }, 0);
    };
    return { now: of(settings.figures.short_cost), then: of(ODDS[at]! - 1) };
  }, [view.seats, view.session.school, settings, catalogue, group, at]);
  const more = totals.then - totals.now;
  async function keep() {
    setProblem(null);
    try {
      const figures = { ...settings.figures, short_cost: ODDS[at]! - 1 };
      await request('PUT', '/api/settings', { version, settings: { ...settings, figures } });
      await client.invalidateQueries({ queryKey: viewKey(view.session.id) });
    } catch (error) {
      setProblem(problemOf(error).message);
    }
  }
  return (
    <div className="max-w-3xl">
      <label className="flex items-center gap-3">
        <span className="quiet text-sm">More run short</span>
        <input
          type="range"
          className="range range-sm flex-1"
          min={0}
          max={ODDS.length - 1}
          value={at}
          aria-label="How rarely a piece may run short"
          aria-valuetext={`about 1 in ${ODDS[at]} would run short`}
          onChange={(event) => setAt(Number(event.target.value))}
        />
        <span className="quiet text-sm">More left over</span>
      </label>
      <p className="text-sm" aria-live="polite">
        <strong>About 1 in {ODDS[at]} would run short.</strong>{' '}
        {at === stored
          ? 'This is how the studio cuts now.'
          : `This session would take ${formatTotal(Math.abs(more), units)} ${more < 0 ? 'less' : 'more'} cord.`}
        {at !== stored && (
          <button type="button" className="btn btn-xs ml-2" onClick={() => void keep()}>
            Cut so from now on, in every session
          </button>
        )}
      </p>
      <p role="alert" className="text-sm text-error">
        {problem}
      </p>
    </div>
  );
}
