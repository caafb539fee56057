import { number } from '../../../ui/words/region';
import { SCHOOLS } from '../../../core/studio';
import { useMemo } from 'react';
import { SCHOOL_LIST } from '../../../core/cut';
import { formatTotal, type Units } from '../../../core/measure';
import { planSeat, seatOf } from '../../../core/seat';
import type { SessionModel } from '../model/use-session';
import { Chart } from '../../../ui/chart/chart';
import { Heads, num } from '../../../ui/heads';

/** Every school over the whole session: what it cuts in all, what would be left over, and how many seats would run short. */
export function SessionSchools({ model, units }: { model: SessionModel; units: Units }) {
  const { view, group } = model;
  const { catalogue, settings } = view.studio;
  const current = view.session.school ?? settings.school;
  const rows = useMemo(
    () =>
      SCHOOLS.map((school) => {
        const cuts = view.seats.flatMap(
          (record) =>
            planSeat({ ...seatOf(record, school, catalogue.projects), school }, catalogue, settings.figures, group)
              .cut ?? [],
        );
        return {
          school,
          total: cuts.reduce((sum, cut) => sum + cut.total_mm, 0),
          left: cuts.reduce((sum, cut) => sum + Math.max(0, cut.left_mm), 0),
          short: cuts.reduce((sum, cut) => sum + cut.short, 0),
        };
      }),
    [view.seats, catalogue, settings.figures, group],
  );
  const named = (i: number): string => SCHOOL_LIST[rows[i]!.school].name;
  return (
    <div className="max-w-3xl">
      <Chart
        label="Cord that each school cuts, and what of it would be left over"
        kind="bar"
        x={{ title: '', words: named }}
        y={{ title: '', words: (mm) => formatTotal(mm, units) }}
        series={[
          { name: 'worked in', tone: 'primary', points: rows.map(({ total, left }, i) => [i, total - left]) },
          { name: 'left over', tone: 'base-300', points: rows.map(({ left }, i) => [i, left]) },
        ]}
      />
      <table className="sheet text-sm">
        <caption className="sr-only">The session cut by each school</caption>
        <Heads of={['School', num('Cord cut'), num('Left over'), num('Run short')]} />
        <tbody>
          {rows.map(({ school, total, left, short }) => (
            <tr key={school}>
              <td>
                <label className="flex items-center gap-2">
                  <input
                    type="radio"
                    className="radio radio-xs"
                    name="session-school"
                    checked={school === current}
                    onChange={() => model.act({ kind: 'session', changes: { school } })}
                  />
                  {SCHOOL_LIST[school].name}
                  {school === settings.school && <span className="quiet">the studio’s</span>}
                </label>
              </td>
              <td className="num">{formatTotal(total, units)}</td>
              <td className="num">~{formatTotal(left, units)}</td>
              <td className="num">
                ~{short < 0.05 ? '0' : number(short, 1)} of {view.seats.length}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}
