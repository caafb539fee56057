import { formatLength, WRIST, type Units } from '../../../core/measure';
import type { Catalogue } from '../../../core/project';
import type { RosterRow } from '../../../app/session/roster';
import { LengthField } from '../../../ui/fields/length-field';
import { checkAge, TextCell } from '../../../ui/fields/text-cell';
import { knownWords } from './known-words';
import { coloursIn, type Row } from './list-rows';
import { Choice, projectOptions, SKILL_OPTIONS } from './seat-fields';

/** How a line was read, in one phrase. */
function readAs({ seat }: RosterRow, units: Units): string {
  return [
    seat.wrist_mm !== null &&
      `wrist ${formatLength(seat.wrist_mm, units)}${seat.wrist_method === 'estimate' ? ' (estimate)' : ''}`,
    seat.hand_mm !== null && `hand ${formatLength(seat.hand_mm, units)}`,
    seat.age !== null && `${seat.age} years`,
    seat.options.loop && `${seat.options.loop} loop`,
    seat.options.wraps && `${seat.options.wraps} wraps`,
    ...seat.avoid.map((avoid) => `no ${avoid}`),
    seat.colours.length > 0 && coloursIn(seat.colours),
    seat.note && `“${seat.note}”`,
  ]
    .filter(Boolean)
    .join(' · ');
}

/** Whether a line is somebody known, or somebody new of the same name. */
function Who({
  row: { known, who, seat },
  units,
  catalogue,
  onChoose,
}: {
  row: Row;
  units: Units;
  catalogue: Catalogue;
  onChoose: (who: string | null) => void;
}) {
  if (known.length === 0) return null;
  return (
    <select
      className={`cell max-w-80 text-sm ${who === undefined ? 'border-2 border-warning font-semibold' : ''}`}
      aria-label={`Who ${seat.name} is`}
      value={who ?? (who === null ? 'new' : '')}
      onChange={(event) => onChoose(event.target.value === 'new' ? null : event.target.value)}
    >
      {who === undefined && <option value="">The same person as before?</option>}
      {known.map((person) => (
        <option key={person.id} value={person.id}>
          known: {knownWords(person, units, catalogue)}
        </option>
      ))}
      <option value="new">somebody new of that name</option>
    </select>
  );
}

/** One line of the preview: as written, as read, and the fields to mend it in. */
export function ListRow({
  row,
  index,
  units,
  catalogue,
  onChange,
  onWho,
  onSettle,
  onRemove,
}: {
  row: Row;
  index: number;
  units: Units;
  catalogue: Catalogue;
  onChange: (seat: Partial<RosterRow['seat']>, mended?: string, choice?: string) => void;
  onWho: (who: string | null) => void;
  onSettle: (fault: Row['faults'][number]) => void;
  onRemove: () => void;
}) {
  const { seat, faults } = row;
  const at = (col: number) => ({ 'data-row': index, 'data-col': col });
  return (
    <>
      <tr className={faults.length > 0 ? 'bg-base-200' : ''}>
        <td className="num quiet text-sm">{row.line}</td>
        <td>
          <TextCell
            {...at(0)}
            label={`Name, line ${row.line}`}
            value={seat.name}
            onChange={(name) => onChange({ name }, 'name')}
          />
        </td>
        <td className="w-28">
          <LengthField
            {...at(1)}
            label={`Wrist of ${seat.name}`}
            value={seat.wrist_mm}
            estimated={seat.wrist_method === 'estimate'}
            units={units}
            girth={WRIST}
            onChange={(wrist_mm) => onChange({ wrist_mm, wrist_method: wrist_mm === null ? null : 'told' }, 'wrist')}
          />
        </td>
        <td className="w-16">
          <TextCell
            {...at(2)}
            label={`Age of ${seat.name}`}
            value={seat.age === null ? '' : String(seat.age)}
            check={checkAge}
            inputMode="numeric"
            className="text-right"
            onChange={(text) => onChange({ age: text === '' ? null : Number(text) }, 'age')}
          />
        </td>
        <td className="w-28">
          <Choice
            {...at(3)}
            label={`Skill of ${seat.name}`}
            value={seat.skill}
            empty="not given"
            options={SKILL_OPTIONS}
            onChange={(v) => onChange({ skill: v }, 'skill')}
          />
        </td>
        <td className="w-52">
          <Choice
            {...at(4)}
            label={`Project of ${seat.name}`}
            value={seat.project}
            empty="choose later"
            options={projectOptions(catalogue)}
            onChange={(project) => onChange({ project }, 'project')}
          />
        </td>
        <td className="quiet text-sm">
          {readAs(row, units)}
          <Who row={row} units={units} catalogue={catalogue} onChoose={onWho} />
        </td>
        <td className="w-10">
          <button
            type="button"
            className="btn btn-ghost btn-xs"
            onClick={onRemove}
            aria-label={`Leave ${seat.name || `line ${row.line}`} out`}
          >
            ✕
          </button>
        </td>
      </tr>
      {faults.map((fault, n) => (
        <tr key={`${fault.field} ${n}`} className="bg-base-200">
          <td />
          <td colSpan={7} className="text-sm">
            <strong className="text-error">Look:</strong> {fault.problem.replace(/[^?.]$/, '$&.')}
            {fault.choices
              ?.filter((mm) => mm >= WRIST.min && mm <= WRIST.max)
              .map((mm) => (
                <button
                  key={mm}
                  type="button"
                  className="btn btn-xs ml-2"
                  onClick={() => onChange({ wrist_mm: mm, wrist_method: 'told' }, 'wrist', fault.text)}
                >
                  Use {formatLength(mm, units)}
                </button>
              ))}
            <span className="quiet ml-2">Written: {row.text}</span>
            <button
              type="button"
              className="btn btn-xs ml-2 bg-base-100"
              aria-label={`Leave as it is: ${fault.problem}`}
              onClick={() => onSettle(fault)}
            >
              Leave it so
            </button>
          </td>
        </tr>
      ))}
    </>
  );
}
