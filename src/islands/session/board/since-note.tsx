import { formatLength, type Units } from '../../../core/measure';
import { day } from '../../../ui/words/region';
import type { SessionModel } from '../model/use-session';

const MOST = 6;

/** What was done for a seat by the lengths as they were. */
function heldAs({ reserved, packed }: { reserved: boolean; packed: boolean }): string {
  const done = [reserved && 'cord reserved', packed && 'kit begun'].filter(Boolean).join(', ');
  return done && ` (${done} by the old length)`;
}

/** What changed in the studio under the seats that are not cut, and by how much: told until somebody takes note of it. */
export function SinceNote({ model, units }: { model: SessionModel; units: Units }) {
  const { since } = model.view;
  if (!since) return null;
  const lengths = (all: readonly number[]): string =>
    all.length === 0 ? 'nothing' : all.map((mm) => formatLength(mm, units, 'up')).join(' + ');
  return (
    <section
      aria-label="What changed in the studio"
      className="m-4 border-l-4 border-info bg-base-200 px-3 py-2 text-sm"
    >
      <p>
        <strong>The lengths moved since you last looked,</strong> because the studio’s figures did:{' '}
        {since.what.map(({ name, was, is }) => `${name}: ${was}, now ${is}`).join('; ')}.
      </p>
      <ul className="my-1 flex flex-wrap gap-x-5 tabular-nums">
        {since.seats.slice(0, MOST).map(({ id, label, was, is, reserved, packed }) => (
          <li key={id}>
            {label}: {lengths(was)}, now <strong>{lengths(is)}</strong>
            {heldAs({ reserved, packed })}
          </li>
        ))}
        {since.seats.length > MOST && <li>and {since.seats.length - MOST} more</li>}
      </ul>
      {since.orders.length > 0 && (
        <p className="mb-1">
          On order for them: {since.orders.map(({ name, due_on }) => `${name}, due ${day(due_on, 'short')}`).join('; ')}
          . Check whether it is still enough.
        </p>
      )}
      <button type="button" className="btn btn-sm bg-base-100" onClick={() => void model.takeNote()}>
        Noted
      </button>
    </section>
  );
}
