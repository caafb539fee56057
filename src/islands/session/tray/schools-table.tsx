import { inWords, SCHOOL_LIST, type Group } from '../../../core/cut';
import { formatLength, type Units } from '../../../core/measure';
import { compareSchools, seatOf, type SeatRecord } from '../../../core/seat';
import type { School } from '../../../core/studio';
import type { Studio } from '../../../core/session';
import { Heads, num } from '../../../ui/heads';

/** The same seat by every school: what each would cut, how much of it would be left, how often it would run short. */
export function SchoolsTable({
  record,
  school,
  studio,
  group,
  units,
  onChoose,
}: {
  record: SeatRecord;
  school: School;
  studio: Studio;
  group: Group;
  units: Units;
  onChoose: (school: School) => void;
}) {
  const plans = compareSchools(
    seatOf(record, school, studio.catalogue.projects),
    studio.catalogue,
    studio.settings.figures,
    group,
  );
  const current = record.school ?? school;
  return (
    <fieldset>
      <legend className="sr-only">Cut by which school</legend>
      <table className="sheet text-sm">
        <Heads of={['School', num('Cuts'), num('Left over')]} />
        <tbody>
          {plans.map((plan) => (
            <tr key={plan.school}>
              <td>
                <label className="flex items-center gap-2">
                  <input
                    type="radio"
                    className="radio radio-xs"
                    name={`school-${record.id}`}
                    checked={plan.school === current}
                    onChange={() => onChoose(plan.school)}
                  />
                  {SCHOOL_LIST[plan.school].name}
                </label>
                {plan.rule !== plan.school && (
                  <span className="quiet block text-[13px]">
                    By measure here: it is meant for {SCHOOL_LIST[plan.school].meant}.
                  </span>
                )}
                <span className="quiet block text-[13px]">{inWords(plan.short)}</span>
              </td>
              <td className="num align-top">
                {plan.cuts.map((cut) => formatLength(cut.length_mm, units, 'up')).join(' + ')}
              </td>
              <td className="num align-top">
                {plan.left_mm < 0
                  ? `short ${formatLength(-plan.left_mm, units)}`
                  : `~${formatLength(plan.left_mm, units)}`}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </fieldset>
  );
}
