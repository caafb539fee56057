import { formatTotal, type Units } from '../../core/measure';
import { inWords } from '../../core/cut';
import type { WouldChange } from '../../core/record';
import { money } from '../../ui/words/region';

const signed = (mm: number, units: Units): string =>
  `${mm < 0 ? '−' : '+'}${formatTotal(Math.abs(mm), units, mm < 0 ? 'down' : 'up')}`;

/** What a changed figure would do to the sessions ahead, in words. */
export function WouldChangeWords({ change, units }: { change: WouldChange; units: Units }) {
  const { seats, moved, cord_mm, cost, short_now, short_then, minutes } = change;
  if (seats === 0) return <p className="quiet">No session ahead is uncut: nothing would change.</p>;
  if (moved === 0 && minutes === 0)
    return <p className="quiet">None of the {seats} seats ahead that are not cut would change.</p>;
  return (
    <dl className="grid grid-cols-[auto_1fr] gap-x-4 gap-y-1">
      <dt className="quiet">Seats ahead</dt>
      <dd>
        {moved} of {seats} cut to other lengths
      </dd>
      {moved > 0 && (
        <>
          <dt className="quiet">Cord</dt>
          <dd className="tabular-nums">{signed(cord_mm, units)} in all</dd>
          <dt className="quiet">Cost</dt>
          <dd className="tabular-nums">
            {cost === null
              ? 'not known: no price of these cords'
              : `${cost < 0 ? '−' : '+'}${money(Math.abs(Math.round(cost)))}`}
          </dd>
          <dt className="quiet">Running short</dt>
          <dd>
            as planned now {inWords(short_now)}; then {inWords(short_then)}
          </dd>
        </>
      )}
      {minutes !== 0 && (
        <>
          <dt className="quiet">Minutes</dt>
          <dd className="tabular-nums">
            {minutes < 0 ? '−' : '+'}
            {Math.abs(Math.round(minutes / seats))} a seat
          </dd>
        </>
      )}
    </dl>
  );
}
