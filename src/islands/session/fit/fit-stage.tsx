import { lookUp } from '../../../core/project';
import { estimateWrist } from '../../../core/fit';
import { formatLength, HAND, WRIST, type Units } from '../../../core/measure';
import { beadOf, type SeatChanges, type SeatRecord, type PlannedSeat } from '../../../core/seat';
import { gridKeys } from '../../../ui/fields/grid-keys';
import { Guard } from '../../../ui/guard';
import { LengthField } from '../../../ui/fields/length-field';
import { BeadCell } from '../seats/bead-cell';
import { Choice, EASE_OPTIONS, METHOD_OPTIONS } from '../seats/seat-fields';
import type { SessionModel } from '../model/use-session';

/** The worst message of a seat in a few words, for its row. */
function worst(seat: PlannedSeat): string {
  const { messages } = seat.plan;
  const first = messages.find((m) => m.level === 'error') ?? messages.find((m) => m.level === 'warning');
  return first?.text ?? '';
}

/** `compact` while the tray is open: what the tray says is not said in the row as well. */
interface RowProps {
  seat: PlannedSeat;
  index: number;
  model: SessionModel;
  units: Units;
  compact: boolean;
  selected: boolean;
  onSelect: () => void;
}

const sign = (mm: number): string => `${mm < 0 ? '−' : '+'}${Math.abs(mm).toFixed(1)}`;

function FitRow({ seat, index, model, units, compact, selected, onSelect }: RowProps) {
  const { record, plan } = seat;
  const { catalogue, settings } = model.view.studio;
  const edit = (changes: SeatChanges) => model.act({ kind: 'seat', id: record.id, changes });
  const at = (col: number) => ({ 'data-row': index, 'data-col': col });
  const state = beadOf(plan);
  const { fit } = plan;
  const estimated = record.wrist_method === 'estimate';
  const byBand = plan.piece?.project.sizing.by === 'band';
  const guess = Math.round(estimateWrist(record.age, settings.figures));
  return (
    <tr aria-selected={selected} onFocus={compact ? onSelect : undefined}>
      <td className="num quiet">{index + 1}</td>
      <BeadCell seat={seat} onOpen={onSelect} />
      <th scope="row" className="max-w-40 min-w-28 truncate" title={record.name}>
        {record.name}
      </th>
      {!compact && (
        <td className="max-w-32 truncate">
          {record.project ? lookUp(catalogue.projects, record.project)?.name : <span className="quiet">none yet</span>}
        </td>
      )}
      <td className="min-w-24">
        <LengthField
          {...at(0)}
          label={`Wrist of ${record.name}`}
          value={record.wrist_mm}
          units={units}
          girth={WRIST}
          estimated={estimated}
          onChange={(wrist_mm) =>
            edit({
              wrist_mm,
              ...(wrist_mm === null
                ? { wrist_method: null }
                : { wrist_method: estimated || !record.wrist_method ? 'tape' : record.wrist_method }),
              accepted: false,
            })
          }
        />
      </td>
      <td className="min-w-26">
        {record.wrist_mm === null ? (
          !byBand && (
            <button
              type="button"
              className="btn btn-xs whitespace-nowrap"
              {...at(1)}
              onClick={() => edit({ wrist_mm: guess, wrist_method: 'estimate', accepted: false })}
            >
              ~{formatLength(guess, units)} by age
            </button>
          )
        ) : (
          <Choice
            {...at(1)}
            label={`How the wrist of ${record.name} was taken`}
            value={record.wrist_method}
            options={METHOD_OPTIONS}
            onChange={(v) =>
              edit({ wrist_mm: record.wrist_mm, wrist_method: v as SeatRecord['wrist_method'], accepted: false })
            }
          />
        )}
      </td>
      <td className="min-w-24">
        <LengthField
          {...at(2)}
          label={`Hand of ${record.name}`}
          value={record.hand_mm}
          units={units}
          girth={HAND}
          onChange={(hand_mm) => edit({ hand_mm })}
        />
      </td>
      <td className="min-w-21">
        <Choice
          {...at(3)}
          label={`Ease of ${record.name}`}
          value={record.ease}
          options={EASE_OPTIONS}
          onChange={(v) => edit({ ease: v as SeatRecord['ease'] })}
        />
      </td>
      {!compact && (
        <td className={`num ${state === 'ringed' ? 'italic' : ''}`}>
          {fit?.inner_mm !== undefined ? `${state === 'ringed' ? '~' : ''}${formatLength(fit.inner_mm, units)}` : ''}
        </td>
      )}
      <td className={`num font-semibold ${state === 'ringed' ? 'italic' : ''}`}>
        {fit ? `${state === 'ringed' ? '~' : ''}${formatLength(fit.knotted_mm, units)}` : ''}
      </td>
      <td className="num">{fit ? (fit.half_knots ?? Number(fit.repeats.toFixed(1))) : ''}</td>
      {!compact && <td className="num quiet">{fit ? sign(fit.error_mm) : ''}</td>}
      <td className={`truncate text-sm ${compact ? 'max-w-24' : 'max-w-52'}`} title={worst(seat)}>
        {state === 'ringed' ? (
          <label className="flex items-center gap-1.5 whitespace-nowrap" title="Cut from the estimate">
            <input
              type="checkbox"
              className="checkbox checkbox-xs"
              {...at(4)}
              checked={record.accepted}
              onChange={(event) => edit({ accepted: event.target.checked })}
            />
            cut from {compact ? 'it' : 'the estimate'}
          </label>
        ) : (
          worst(seat)
        )}
      </td>
    </tr>
  );
}

/** Every seat from wrist to whole half knots, in one table to be filled in with the arrow keys. */
export function FitStage({
  model,
  units,
  selected,
  onSelect,
  onNext,
}: {
  model: SessionModel;
  units: Units;
  selected: string | null;
  onSelect: (id: string) => void;
  onNext: () => void;
}) {
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
              {!compact && <th scope="col">Project</th>}
              <th scope="col" className="num">
                Wrist
              </th>
              <th scope="col">Taken by</th>
              <th scope="col" className="num">
                Hand
              </th>
              <th scope="col">Ease</th>
              {!compact && (
                <th scope="col" className="num" title="Inside circumference wanted">
                  Inside
                </th>
              )}
              <th scope="col" className="num" title="Length of band to knot">
                Knotted
              </th>
              <th scope="col" className="num" title="Count to tie">
                Count
              </th>
              {!compact && (
                <th scope="col" className="num" title="What whole half knots make it longer or shorter than wanted">
                  Off, mm
                </th>
              )}
              <th scope="col">To know</th>
            </tr>
          </thead>
          <tbody>
            {seats.map((seat, index) => (
              <Guard key={seat.id} of={seat.plan} what={`The seat of ${seat.record.name}`} columns={13}>
                <FitRow
                  seat={seat}
                  index={index}
                  model={model}
                  units={units}
                  compact={compact}
                  selected={seat.record.id === selected}
                  onSelect={() => onSelect(seat.record.id)}
                />
              </Guard>
            ))}
          </tbody>
        </table>
      </div>
    </div>
  );
}
