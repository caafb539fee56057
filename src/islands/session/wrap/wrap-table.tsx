import { memo, useMemo } from 'react';
import type { Units } from '../../../core/measure';
import { plannedPiece, type PlannedPiece } from '../../../core/record';
import { seatOf, type PlannedSeat } from '../../../core/seat';
import type { SessionView } from '../../../core/session';
import type { Figures } from '../../../core/studio';
import { gridKeys } from '../../../ui/fields/grid-keys';
import { Guard } from '../../../ui/guard';
import { RowByRow } from '../../../ui/row-by-row';
import type { SessionModel } from '../model/use-session';
import { WrapRow } from './wrap-row';

/** The seats that are cut for, each with what its record is held against, and the line that its first cord stands in. */
function rowsOf({ session, studio }: SessionView, seats: readonly PlannedSeat[], figures: Figures) {
  const rows: { seat: PlannedSeat; planned: PlannedPiece; number: number; line: number }[] = [];
  let line = 0;
  for (const [i, seat] of seats.entries()) {
    const asked = seatOf(seat.record, session.school ?? studio.settings.school, studio.catalogue.projects);
    const planned = plannedPiece(asked, seat.plan, figures, session.held_on);
    if (!planned || planned.cords.length === 0) continue;
    rows.push({ seat, planned, number: i + 1, line });
    line += planned.cords.length;
  }
  return rows;
}

/** What each seat's piece came to, typed down a column: Enter and the arrow keys go on. */
export const WrapTable = memo(function WrapTable({ model, units }: { model: SessionModel; units: Units }) {
  const { view, seats, figures } = model;
  const rows = useMemo(() => rowsOf(view, seats, figures), [view, seats, figures]);
  return (
    <div className="overflow-x-auto px-2 pb-12" onKeyDown={gridKeys}>
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
            <th scope="col" className="narrow:hidden">
              Project
            </th>
            <th scope="col">Cut</th>
            <th scope="col" className="num" title="Each end apart: 12; 9. Or: short at 22">
              Left
            </th>
            <th scope="col" className="num w-20 narrow:w-12">
              Half knots
            </th>
            <th
              scope="col"
              className="num w-24 narrow:w-16"
              title="Length of the knotting laid flat, without its closure"
            >
              Band
            </th>
            <th
              scope="col"
              className="num w-14 narrow:w-12"
              title="Through the knotting, laid on a ruler’s edge; in mm"
            >
              Thick
            </th>
            <th scope="col" className="w-16" title="tight, right or loose: a letter will do">
              Fits
            </th>
            <th scope="col" className="num w-20 narrow:w-12">
              Minutes
            </th>
            <th
              scope="col"
              className="w-24 narrow:w-16"
              title="flame, glue, woven back, at home, not finished: a letter will do"
            >
              Finished
            </th>
            <th scope="col">A word</th>
          </tr>
        </thead>
        <tbody>
          <RowByRow>
            {rows.map(({ seat, planned, number, line }) => (
              <Guard key={seat.id} of={seat.plan} what={`The seat of ${seat.record.name}`} columns={12}>
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
          </RowByRow>
        </tbody>
      </table>
    </div>
  );
});
