import { formatLength, WRIST, type Units } from '../../../../core/measure';
import type { Catalogue } from '../../../../core/project';
import { LengthField } from '../../../../ui/fields/length-field';
import { checkAge, TextCell } from '../../../../ui/fields/text-cell';
import { Swatch } from '../../../../ui/pictures/swatch';
import { knownWords } from '../known-words';
import { Choice, projectOptions, SKILL_OPTIONS } from '../seat-fields';
import { askedBy, changesTo, coloursIn, coloursMeant, type Edit, type Row } from './list-rows';
import type { Reading } from './use-reading';
import { WrittenLine } from './written-line';

/** What else a line says of its seat, beside what has a field. */
function alsoSaid({ seat }: Row, units: Units): string {
  return [
    seat.hand_mm !== null && `hand ${formatLength(seat.hand_mm, units)}`,
    seat.options.loop && `${seat.options.loop} loop`,
    seat.options.wraps && `${seat.options.wraps} wraps`,
    ...seat.avoid.map((avoid) => `no ${avoid}`),
    seat.colours.length > 0 && coloursIn(seat.colours),
    seat.note && `“${seat.note}”`,
  ]
    .filter(Boolean)
    .join(' · ');
}

/** Whether somebody of the list is seated already, and what the list says otherwise. */
function There({ row, catalogue }: { row: Row; catalogue: Catalogue }) {
  if (!row.there) return null;
  const changed = Object.keys(changesTo(row.there, row, catalogue)).filter((key) => key !== 'wrist_method');
  const words = changed.map((key) => key.replace('_mm', '').replace('cords', 'colours'));
  return (
    <span className="block">{words.length > 0 ? `seated already, changes ${words.join(', ')}` : 'seated already'}</span>
  );
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
  const chosen = known.find(({ id }) => id === who);
  return (
    <>
      <select
        className={`cell max-w-full text-sm ${who === undefined ? 'border-2 border-warning font-semibold' : ''}`}
        aria-label={`Who ${seat.name} is`}
        value={who ?? (who === null ? 'new' : '')}
        onChange={(event) => onChoose(event.target.value === 'new' ? null : event.target.value)}
      >
        {who === undefined && <option value="">The same person as before?</option>}
        {known.map((person) => (
          <option key={person.id} value={person.id}>
            {/* Of who is chosen more is said below. */}
            {person === chosen ? 'known from before' : `known: ${knownWords(person, units, catalogue)}`}
          </option>
        ))}
        <option value="new">somebody new of that name</option>
      </select>
      {chosen && <span className="block">{knownWords(chosen, units, catalogue)}</span>}
    </>
  );
}

/** The column of the field that answers a question. */
const FIELD_COLUMNS: Readonly<Partial<Record<Row['faults'][number]['field'], number>>> = {
  name: 0,
  wrist: 1,
  age: 2,
  skill: 3,
  project: 4,
};

/** One line of the list: as written with what it was read as, and beside it the seat it comes to, to be mended. */
export function ListRow({
  row,
  index,
  units,
  catalogue,
  reading,
}: {
  row: Row;
  index: number;
  units: Units;
  catalogue: Catalogue;
  reading: Reading;
}) {
  const { seat, faults } = row;
  const at = (col: number) => ({ 'data-row': index, 'data-col': col });
  const edit = (how: (before: Edit) => Edit) => reading.edit(row.key, how);
  const set = (changes: Edit['seat']) => edit((before) => ({ ...before, seat: { ...before.seat, ...changes } }));
  const [first] = faults;
  return (
    <tr
      className={first ? 'bg-base-200' : ''}
      data-asks={first && (first.choices ? 'button' : (FIELD_COLUMNS[first.field] ?? 'button'))}
    >
      <td className="num quiet align-top text-sm">{row.line}</td>
      <td className="align-top">
        {row.leads ? (
          <WrittenLine row={row} catalogue={catalogue} reading={reading} />
        ) : (
          <span className="quiet text-sm">on the same line</span>
        )}
        {faults.map((fault) => (
          <p key={askedBy(fault)} className="mt-1 text-sm">
            <strong className="text-error">Look:</strong> {fault.problem.replace(/[^?.]$/, '$&.')}
            {fault.choices
              ?.filter((mm) => mm >= WRIST.min && mm <= WRIST.max)
              .map((mm) => (
                <button
                  key={mm}
                  type="button"
                  className="btn btn-xs ml-1.5 bg-base-100"
                  data-answers
                  onClick={() => set({ wrist_mm: mm, wrist_method: 'told' })}
                >
                  Use {formatLength(mm, units)}
                </button>
              ))}
            <button
              type="button"
              className="btn btn-xs ml-1.5 bg-base-100"
              data-answers
              aria-label={`Leave as it is: ${fault.problem}`}
              onClick={() => edit((before) => ({ ...before, settled: [...before.settled, askedBy(fault)] }))}
            >
              Leave it so
            </button>
          </p>
        ))}
      </td>
      <td className="align-top">
        <TextCell {...at(0)} label={`Name, line ${row.line}`} value={seat.name} onChange={(name) => set({ name })} />
      </td>
      <td className="w-24 align-top">
        <LengthField
          {...at(1)}
          label={`Wrist of ${seat.name}`}
          value={seat.wrist_mm}
          estimated={seat.wrist_method === 'estimate'}
          units={units}
          girth={WRIST}
          onChange={(wrist_mm) => set({ wrist_mm, wrist_method: wrist_mm === null ? null : 'told' })}
        />
      </td>
      <td className="w-14 align-top">
        <TextCell
          {...at(2)}
          label={`Age of ${seat.name}`}
          value={seat.age === null ? '' : String(seat.age)}
          check={checkAge}
          inputMode="numeric"
          className="text-right"
          onChange={(text) => set({ age: text === '' ? null : Number(text) })}
        />
      </td>
      <td className="w-30 align-top">
        <Choice
          {...at(3)}
          label={`Skill of ${seat.name}`}
          value={seat.skill}
          empty="not given"
          options={SKILL_OPTIONS}
          onChange={(skill) => set({ skill })}
        />
      </td>
      <td className="w-52 align-top">
        <Choice
          {...at(4)}
          label={`Project of ${seat.name}`}
          value={seat.project}
          empty="choose later"
          options={projectOptions(catalogue)}
          onChange={(project) => set({ project })}
        />
      </td>
      <td className="quiet max-w-64 align-top text-sm">
        {coloursMeant(seat, catalogue).map(({ slug, hex }, i) => (
          <span key={`${slug} ${i}`} className="mr-1">
            <Swatch hex={hex} />
          </span>
        ))}
        {alsoSaid(row, units)}
        <There row={row} catalogue={catalogue} />
        <Who row={row} units={units} catalogue={catalogue} onChoose={(who) => edit((before) => ({ ...before, who }))} />
      </td>
      <td className="w-10 align-top">
        <button
          type="button"
          className="btn btn-ghost btn-xs"
          onClick={() => edit((before) => ({ ...before, out: true }))}
          aria-label={`Leave ${seat.name || `line ${row.line}`} out`}
        >
          ✕
        </button>
      </td>
    </tr>
  );
}
