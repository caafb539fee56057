import { number } from '../../../ui/words/region';
import { lookUp } from '../../../core/project';
import { estimateWrist } from '../../../core/fit';
import { bandCount, type CountWords } from '../../../core/making';
import { formatLength, HAND, sayLengths, WRIST, type Units } from '../../../core/measure';
import { beadOf, type SeatChanges, type PlannedSeat } from '../../../core/seat';
import { LengthField } from '../../../ui/fields/length-field';
import { BeadCell } from '../seats/bead-cell';
import { Choice, EASE_OPTIONS, METHOD_OPTIONS } from '../seats/seat-fields';
import type { SessionModel } from '../model/use-session';

/** The worst message of a seat in a few words, for its row. */
function worst(seat: PlannedSeat, units: Units): string {
  const { messages } = seat.plan;
  const first = messages.find((m) => m.level === 'error') ?? messages.find((m) => m.level === 'warning');
  return first ? sayLengths(first.text, first.values, units) : '';
}

/** `compact` while the tray is open: what the tray says is not said in the row as well. */
interface RowProps {
  seat: PlannedSeat;
  index: number;
  model: SessionModel;
  units: Units;
  words: CountWords;
  compact: boolean;
  selected: boolean;
  onSelect: () => void;
}

const sign = (mm: number): string => `${mm < 0 ? '−' : '+'}${number(Math.abs(mm), 1)}`;

/** One seat from wrist to count. */
export function FitRow({ seat, index, model, units, words, compact, selected, onSelect }: RowProps) {
  const { record, plan } = seat;
  const { catalogue, settings } = model.view.studio;
  const edit = (changes: SeatChanges) => model.act({ kind: 'seat', id: record.id, changes });
  const at = (col: number) => ({ 'data-row': index, 'data-col': col });
  const state = beadOf(plan);
  const { piece, fit } = plan;
  const estimated = record.wrist_method === 'estimate';
  const byBand = piece?.project.sizing.by === 'band';
  const guess = Math.round(estimateWrist(record.age, settings.figures));
  return (
    <tr aria-selected={selected} onFocus={compact ? onSelect : undefined}>
      <td className="num quiet">{index + 1}</td>
      <BeadCell seat={seat} onOpen={onSelect} />
      <th scope="row" className="max-w-40 min-w-28 truncate narrow:max-w-30 narrow:min-w-24" title={record.name}>
        {record.name}
      </th>
      {!compact && (
        <td className="max-w-32 truncate narrow:hidden">
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
      <td className="min-w-32 narrow:min-w-25">
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
            onChange={(v) => edit({ wrist_mm: record.wrist_mm, wrist_method: v, accepted: false })}
          />
        )}
      </td>
      <td className="min-w-24 narrow:min-w-22">
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
          onChange={(v) => edit({ ease: v })}
        />
      </td>
      {!compact && (
        <td className={`num narrow:hidden ${state === 'ringed' ? 'italic' : ''}`}>
          {fit?.inner_mm !== undefined ? `${state === 'ringed' ? '~' : ''}${formatLength(fit.inner_mm, units)}` : ''}
        </td>
      )}
      <td className={`num font-semibold ${state === 'ringed' ? 'italic' : ''}`}>
        {fit ? `${state === 'ringed' ? '~' : ''}${formatLength(fit.knotted_mm, units)}` : ''}
      </td>
      {!compact && (
        <td className="min-w-26 px-1 text-[13px] leading-tight narrow:min-w-20">
          {piece && fit ? bandCount({ piece, fit }, words) : ''}
        </td>
      )}
      {!compact && <td className="num quiet narrow:hidden">{fit ? sign(fit.error_mm) : ''}</td>}
      <td
        className={`truncate text-sm ${compact ? 'max-w-24' : 'max-w-36 narrow:max-w-16'}`}
        title={worst(seat, units)}
      >
        {state === 'ringed' ? (
          <label className="flex items-center gap-1.5 whitespace-nowrap" title="Cut from the estimate">
            <input
              type="checkbox"
              className="checkbox checkbox-xs"
              {...at(4)}
              checked={record.accepted}
              onChange={(event) => edit({ accepted: event.target.checked })}
            />
            <span>
              cut from{' '}
              {compact ? (
                'it'
              ) : (
                <>
                  <span className="narrow:hidden">the estimate</span>
                  <span className="hidden narrow:inline">it</span>
                </>
              )}
            </span>
          </label>
        ) : (
          worst(seat, units)
        )}
      </td>
    </tr>
  );
}
