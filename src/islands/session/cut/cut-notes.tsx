import { beadOf } from '../../../core/seat';
import type { SessionModel } from '../model/use-session';

const named = (seats: SessionModel['seats']): string => seats.map(({ record }) => record.name).join(', ');

/** What is not in the list, or should be looked at before it is cut, in one line where there is room. */
export function CutNotes({ seats }: { seats: SessionModel['seats'] }) {
  const missing = seats.filter(({ plan }) => !plan.cut);
  const blocked = seats.filter(({ plan }) => beadOf(plan) === 'notched' && plan.cut);
  const estimates = seats.filter(({ plan, record }) => beadOf(plan) === 'ringed' && !record.accepted);
  if (missing.length + blocked.length + estimates.length === 0) return null;
  return (
    <ul className="mx-4 mb-1 flex flex-wrap gap-x-5 border-l-4 border-warning bg-base-200 px-3 py-0.5 text-sm">
      {missing.length > 0 && (
        <li>
          <strong>No fit yet, not in this list:</strong> {named(missing)}.
        </li>
      )}
      {blocked.length > 0 && (
        <li>
          <strong>To decide first:</strong> {named(blocked)}.
        </li>
      )}
      {estimates.length > 0 && (
        <li>
          <strong>
            {estimates.length} {estimates.length === 1 ? 'seat' : 'seats'} still on{' '}
            {estimates.length === 1 ? 'an estimate' : 'estimates'}:
          </strong>{' '}
          {named(estimates)}. Measure before cutting if you can.
        </li>
      )}
    </ul>
  );
}
