import { estimateWrist } from '../../../core/fit';
import { beadOf } from '../../../core/seat';
import { gridKeys } from '../../../ui/fields/grid-keys';
import { Guard } from '../../../ui/guard';
import { RowByRow } from '../../../ui/row-by-row';
import type { PanelProps } from '../board/stage-panel';

import { FitRow } from './fit-row';

/** Every seat from wrist to whole half knots, in one table to be filled in with the arrow keys. */
export function FitStage({ model, units, words, selected, onSelect, onNext }: PanelProps) {
  const { seats, view } = model;
  const compact = selected !== null;
  const { figures } = view.studio.settings;
  const hollow = seats.filter(({ plan }) => beadOf(plan) === 'hollow');
  const waiting = seats.filter(({ plan, record }) => beadOf(plan) === 'ringed' && !record.accepted);
  if (seats.length === 0)
    return <p className="p-4">Nobody is seated yet. Paste the list of who is coming on the Seats stage first.</p>;
  return (
    <div>
      <div className="flex flex-wrap items-center gap-2 px-4 py-2">
        {hollow.length > 0 && (
          <button
            type="button"
            className="btn btn-sm"
            onClick={() =>
              model.act({
                kind: 'seats',
                edits: hollow.map(({ record }) => ({
                  id: record.id,
                  changes: { wrist_mm: Math.round(estimateWrist(record.age, figures)), wrist_method: 'estimate' },
                })),
              })
            }
          >
            Use estimates by age for {hollow.length}
          </button>
        )}
        {waiting.length > 0 && (
          <>
            <strong className="text-sm">
              {waiting.length} {waiting.length === 1 ? 'seat' : 'seats'} still on{' '}
              {waiting.length === 1 ? 'an estimate' : 'estimates'}.
            </strong>
            <button
              type="button"
              className="btn btn-sm"
              onClick={() =>
                model.act({
                  kind: 'seats',
                  edits: waiting.map(({ record }) => ({ id: record.id, changes: { accepted: true } })),
                })
              }
            >
              Cut from {waiting.length === 1 ? 'it' : 'them'} all the same
            </button>
          </>
        )}
        <span className="flex-1" />
        <button type="button" className="btn btn-primary btn-sm" onClick={onNext}>
          Next: cut
        </button>
      </div>
      <div className="overflow-x-auto px-2" onKeyDown={gridKeys}>
        <table className="sheet">
          <caption className="sr-only">Fit of every seat; arrow keys move between fields</caption>
          <thead>
            <tr>
              <th scope="col" className="num">
                Seat
              </th>
              <th scope="col">
                <span className="sr-only">State</span>
              </th>
              <th scope="col">Name</th>
              {!compact && (
                <th scope="col" className="narrow:hidden">
                  Project
                </th>
              )}
              <th scope="col" className="num">
                Wrist
              </th>
              <th scope="col">Taken by</th>
              <th scope="col" className="num">
                Hand
              </th>
              <th scope="col">Ease</th>
              {!compact && (
                <th scope="col" className="num narrow:hidden" title="Inside circumference wanted">
                  Inside
                </th>
              )}
              <th scope="col" className="num" title="Length of band to knot">
                Knotted
              </th>
              {!compact && <th scope="col">Count</th>}
              {!compact && (
                <th
                  scope="col"
                  className="num narrow:hidden"
                  title="What whole half knots make it longer or shorter than wanted"
                >
                  Off, mm
                </th>
              )}
              <th scope="col">To know</th>
            </tr>
          </thead>
          <tbody>
            <RowByRow>
              {seats.map((seat, index) => (
                <Guard key={seat.id} of={seat.plan} what={`The seat of ${seat.record.name}`} columns={13}>
                  <FitRow
                    seat={seat}
                    index={index}
                    model={model}
                    units={units}
                    words={words}
                    compact={compact}
                    selected={seat.record.id === selected}
                    onSelect={() => onSelect(seat.record.id)}
                  />
                </Guard>
              ))}
            </RowByRow>
          </tbody>
        </table>
      </div>
    </div>
  );
}
