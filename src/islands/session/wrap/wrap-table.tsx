import { useMemo } from 'react';
import type { Units } from '../../../core/measure';
import { plannedPiece } from '../../../core/record';
import { seatOf } from '../../../core/seat';
import { gridKeys } from '../../../ui/fields/grid-keys';
import { Guard } from '../../../ui/guard';
import type { SessionModel } from '../model/use-session';
import { WrapRow } from './wrap-row';

/** What each seat's piece came to, typed down a column: Enter and the arrow keys go on. */
export function WrapTable({ model, units }: { model: SessionModel; units: Units }) {
  const { view, seats, figures } = model;
  const { session, studio } = view;
  const rows = useMemo(() => {
    let line = 0;
    return seats.flatMap((seat, i) => {
      const asked = seatOf(seat.record, session.school ?? studio.settings.school, studio.catalogue.projects);
      const planned = plannedPiece(asked, seat.plan, figures, session.held_on);
      if (!planned || planned.cords.length === 0) return [];
      const row = { seat, planned, number: i + 1, line };
      line += planned.cords.length;
      return [row];
    });
  }, [seats, session, studio, figures]);
  return (
    <div className="overflow-x-auto px-2" onKeyDown={gridKeys}>
      <table className="sheet sheet-dense">
        <caption className="sr-only">
          What was left and how each piece came out; Enter and the arrow keys move along a column
        </caption>
        <thead>
          <tr>
            <th scope="col" className="num">
              Seat
            </th>
            <th scope="col">Name</th>
            <th scope="col">Project</th>
            <th scope="col">Cut</th>
            <th scope="col" className="num" title="Each end apart: 12; 9. Or: short at 22">
              Left
            </th>
            <th scope="col" className="num w-20">
              Half knots
            </th>
            <th scope="col" className="num w-24" title="Length of the knotting laid flat, without its closure">
              Band
            </th>
            <th scope="col" className="w-16" title="tight, right or loose: a letter will do">
              Fits
            </th>
            <th scope="col" className="num w-20">
              Minutes
            </th>
            <th scope="col" className="w-28" title="flame, glue, woven back, at home, not finished: a letter will do">
              Finished
            </th>
            <th scope="col">A word</th>
          </tr>
        </thead>
        <tbody>
          {rows.map(({ seat, planned, number, line }) => (
            <Guard key={seat.id} of={seat.plan} what={`The seat of ${seat.record.name}`} columns={11}>
              <WrapRow
                seat={seat}
                number={number}
                line={line}
                planned={planned}
                noted={view.noted[seat.id]}
                isAway={view.bench.away.includes(seat.id)}
                model={model}
                units={units}
              />
            </Guard>
          ))}
        </tbody>
      </table>
    </div>
  );
}
