import { gridKeys } from '../../../ui/fields/grid-keys';
import { Guard } from '../../../ui/guard';
import { RowByRow } from '../../../ui/row-by-row';
import { NewSeat } from './new-seat';
import { PasteList } from './list/paste-list';
import { projectOptions } from './seat-fields';
import type { PanelProps } from '../board/stage-panel';
import { Heads, num, unseen } from '../../../ui/heads';

import { SeatRow } from './seat-row';
import { yearsAhead } from './years-ahead';

/** Who is coming, what they make, in what: pasted, then mended in place. */
export function SeatsStage({ model, units, selected, onSelect, pasting, setPasting, onNext }: PanelProps) {
  const { seats, view } = model;
  const { catalogue } = view.studio;
  const without = seats.filter(({ record }) => record.project === null);
  const noSkill = seats.filter(({ record }) => record.skill === null).length;
  const compact = selected !== null;
  const empty = seats.length === 0;
  const hasNotes = seats.some(({ record }) => record.note !== '');
  const ahead = yearsAhead(view.session.held_on);
  return (
    <div>
      {(empty || pasting) && (
        <PasteList
          session={view.session}
          units={units}
          catalogue={catalogue}
          seated={view.seats}
          act={model.act}
          onClose={empty ? null : () => setPasting(false)}
        />
      )}
      {!empty && (
        <>
          <div className="flex flex-wrap items-center gap-2 px-4 py-2">
            {!pasting && (
              <button type="button" className="btn btn-sm" onClick={() => setPasting(true)}>
                Paste a list
              </button>
            )}
            {without.length > 0 && (
              <label className="flex items-center gap-2 text-sm">
                {without.length} without a project: give them
                <select
                  className="select select-sm w-40"
                  value=""
                  onChange={(event) => {
                    const changes = { project: event.target.value };
                    model.act({ kind: 'seats', edits: without.map(({ record }) => ({ id: record.id, changes })) });
                  }}
                >
                  <option value="">choose</option>
                  {projectOptions(catalogue).map(({ value, label }) => (
                    <option key={value} value={value}>
                      {label}
                    </option>
                  ))}
                </select>
              </label>
            )}
            {noSkill > 0 && (
              <span className="quiet text-sm">
                {noSkill} {noSkill === 1 ? 'skill' : 'skills'} not given: reckoned as new.
              </span>
            )}
            {ahead > 0 && seats.some(({ record }) => record.age !== null) && (
              <span className="quiet text-sm">
                Ages are those of the day: told now, {ahead === 1 ? 'a year' : `${ahead} years`} older then.
              </span>
            )}
            <span className="flex-1" />
            <button type="button" className="btn btn-primary btn-sm" onClick={onNext}>
              Next: fit
            </button>
          </div>
          <div className="overflow-x-auto px-2" onKeyDown={gridKeys}>
            <table className="sheet">
              <caption className="sr-only">Seats of the session; arrow keys move between fields</caption>
              <Heads
                of={[
                  num('Seat'),
                  unseen('State'),
                  'Name',
                  num('Age'),
                  'Skill',
                  'Project',
                  compact ? 'Colour' : 'Cord and colour',
                  !compact && { name: 'Skin', width: 'narrow:hidden' },
                  // Room for notes where there are any.
                  !compact && { name: 'Note', width: `narrow:hidden ${hasNotes ? 'min-w-32' : ''}` },
                  unseen('Take out'),
                ]}
              />
              <tbody>
                <RowByRow>
                  {seats.map((seat, index) => (
                    <Guard key={seat.id} of={seat.plan} what={`The seat of ${seat.record.name}`} columns={10}>
                      <SeatRow
                        seat={seat}
                        index={index}
                        model={model}
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
        </>
      )}
      <NewSeat model={model} units={units} />
    </div>
  );
}
