import { useQueryClient } from '@tanstack/react-query';
import { useMemo, useState } from 'react';
import { geometryDoubt } from '../../../core/cord';
import { restsOnRecords } from '../../../core/cut';
import { formatTotal, type Units } from '../../../core/measure';
import { planSeat, seatOf } from '../../../core/seat';
import { problemOf, request } from '../../../ui/api';
import { Chart } from '../../../ui/chart/chart';
import { Heads, num } from '../../../ui/heads';
import { viewKey } from '../model/session-view';
import type { SessionModel } from '../model/use-session';

/** Stops of the slider: one piece in so many runs short. */
const ODDS = [2, 3, 5, 8, 12, 20, 30, 45, 60, 100, 200, 500, 1000];
/** Up to so many seats every stop is reckoned for the chart. */
const DRAWN = 150;
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
  const [isOpen, setOpen] = useState(false);
  const totalAt = useMemo(() => {
    return (short_cost: number): number => {
      const figures = { ...settings.figures, short_cost };
      return view.seats.reduce((sum, record) => {
        const seat = seatOf(record, view.session.school ?? settings.school, catalogue.projects);
        return sum + (planSeat(seat, catalogue, figures, group).cut?.total_mm ?? 0);
      }, 0);
    };
  }, [view.seats, view.session.school, settings, catalogue, group]);
  const more = useMemo(
    () => totalAt(ODDS[at]! - 1) - totalAt(settings.figures.short_cost),
    [totalAt, at, settings.figures.short_cost],
  );
  // Of a hall of hundreds it would take a second to draw.
  const totals = useMemo(
    () => (!isOpen || view.seats.length > DRAWN ? [] : ODDS.map((odds, i): [number, number] => [i, totalAt(odds - 1)])),
    [totalAt, view.seats.length, isOpen],
  );
  const pieces = model.seats.flatMap(({ plan }) => plan.piece ?? []);
  const known = pieces.filter(restsOnRecords).length;
  const doubt = `${Math.round(100 * geometryDoubt(settings.figures))} %`;
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
      {pieces.length > 0 && (
        <p className="quiet text-sm">
          {known === pieces.length
            ? 'This rests on your records.'
            : `This rests on ${known === 0 ? 'calculated lengths' : `your records for ${known} of ${pieces.length} seats, on calculated lengths for the others`}, taken to be right within about ${doubt}, and on how much makers differ.`}
        </p>
      )}
      {view.seats.length <= DRAWN && (
        <details className="text-sm" onToggle={(event) => setOpen(event.currentTarget.open)}>
          <summary className="cursor-pointer">Cord against risk</summary>
          {totals.length > 0 && (
            <div className="grid items-start gap-x-6 lg:grid-cols-[1fr_16rem]">
              <Chart
                label={`Cord that this session takes, by how rarely a piece may run short: from ${formatTotal(totals[0]![1], units)} to ${formatTotal(totals.at(-1)![1], units)}`}
                kind="bar"
                x={{ title: 'one in so many runs short', words: (i) => String(ODDS[i]) }}
                y={{ title: '', words: (mm) => formatTotal(mm, units) }}
                series={[{ name: 'cord', tone: 'primary', points: totals }]}
              />
              <table className="sheet">
                <caption className="sr-only">Cord by risk</caption>
                <Heads of={['Runs short', num('Cord')]} />
                <tbody>
                  {totals.map(([i, mm]) => (
                    <tr key={i}>
                      <td>1 in {ODDS[i]}</td>
                      <td className="num">{formatTotal(mm, units)}</td>
                    </tr>
                  ))}
                </tbody>
              </table>
            </div>
          )}
        </details>
      )}
      <p role="alert" className="text-sm text-error">
        {problem}
      </p>
    </div>
  );
}
