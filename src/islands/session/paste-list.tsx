import { useState } from 'react';
import { formatLength, WRIST, type Units } from '../../core/measure';
import type { Catalogue } from '../../core/project';
import { sameAs, type NewSeat } from '../../core/session';
import type { RosterRow } from '../../app/roster';
import { gridKeys } from '../../ui/grid-keys';
import { LengthField } from '../../ui/length-field';
import { request, type RequestProblem } from '../../ui/api';
import { knownWords } from './known-words';
import { Choice, projectOptions, SKILL_OPTIONS } from './seat-fields';
import { checkAge, TextCell } from '../../ui/text-cell';
import { Heads, num, unseen } from '../../ui/heads';

const EXAMPLE = `Wren Ashby, 16.5 cm, 9, new, buckle
Orla Finch; 6 1/2 in; 34; steady; ring fob
Tam Reed ~15 cm age 8`;

const coloursIn = ({ colours }: RosterRow['seat']): string => `in ${colours.map(({ name }) => name).join(' and ')}`;

/** The seat of a line as it is to be made: colours are told in the note, and a skill that nobody gave stays out. */
function seatFrom({ colours, skill, note, ...seat }: RosterRow['seat']) {
  const said = colours.length > 0 ? coloursIn({ colours, skill, note, ...seat }) : '';
  return { ...seat, ...(skill && { skill }), note: [note, said].filter(Boolean).join('; ') };
}

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
    seat.colours.length > 0 && coloursIn(seat),
    seat.note && `“${seat.note}”`,
  ]
    .filter(Boolean)
    .join(' · ');
}

/** What a line is that seats nobody. */
const LEFT: Readonly<Record<NonNullable<RosterRow['kind']>, string>> = {
  blank: 'empty',
  heading: 'a heading',
  text: 'a remark',
  total: 'a total',
  cancelled: 'not coming',
  part: 'part of a seat',
};

interface Row extends RosterRow {
  readonly id: string;
  /** Who it is: somebody known, by id; null for somebody new; undefined while nobody has said. */
  readonly who: string | null | undefined;
}

/** Who a line is, as far as what it says agrees with one who is known: to be confirmed by seating them. */
function likely({ known, seat }: RosterRow): string | null | undefined {
  const open = known.filter((person) => sameAs(person, seat) !== 'differs');
  const sure = open.filter((person) => sameAs(person, seat) === 'agrees');
  return sure.length === 1 ? sure[0]!.id : open.length === 0 ? null : undefined;
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
function PreviewRow({
  row,
  index,
  units,
  catalogue,
  onChange,
  onWho,
  onRemove,
}: {
  row: Row;
  index: number;
  units: Units;
  catalogue: Catalogue;
  onChange: (seat: Partial<RosterRow['seat']>, mended?: string, choice?: string) => void;
  onWho: (who: string | null) => void;
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
            onChange={(v) => onChange({ skill: v as typeof seat.skill })}
          />
        </td>
        <td className="w-52">
          <Choice
            {...at(4)}
            label={`Project of ${seat.name}`}
            value={seat.project}
            empty="choose later"
            options={projectOptions(catalogue)}
            onChange={(project) => onChange({ project })}
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
      {faults.map((fault) => (
        <tr key={fault.field + fault.text} className="bg-base-200">
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
          </td>
        </tr>
      ))}
    </>
  );
}

/** Paste or open a list of who is coming, see how each line was read, mend what was not, and seat them. */
export function PasteList({
  session,
  units,
  catalogue,
  onAdd,
  onClose,
}: {
  session: string;
  units: Units;
  catalogue: Catalogue;
  onAdd: (seats: NewSeat[]) => void;
  onClose: (() => void) | null;
}) {
  const draftKey = `lapboard:list:${session}`;
  const [text, setText] = useState(() =>
    typeof localStorage === 'undefined' ? '' : (localStorage.getItem(draftKey) ?? ''),
  );
  const [rows, setRows] = useState<Row[] | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const [reading, setReading] = useState(false);

  function keep(next: string) {
    setText(next);
    localStorage.setItem(draftKey, next);
  }
  async function read(list: string) {
    setReading(true);
    setProblem(null);
    try {
      setRows(
        (await request<RosterRow[]>('POST', '/api/roster', { text: list })).map((row) => ({
          ...row,
          id: crypto.randomUUID(),
          who: likely(row),
        })),
      );
    } catch (error) {
      setProblem((error as RequestProblem).message);
    } finally {
      setReading(false);
    }
  }
  function change(id: string, seat: Partial<RosterRow['seat']>, mended?: string, dropped?: string) {
    setRows((before) =>
      (before ?? []).map((row) => {
        if (row.id !== id) return row;
        // A field filled in by hand answers what was asked about it; what was written there is no longer a note.
        const gone = row.faults.filter((fault) => fault.field === mended).map((fault) => dropped ?? fault.text);
        const note = row.seat.note
          .split('; ')
          .filter((part) => !gone.includes(part))
          .join('; ');
        return {
          ...row,
          seat: { ...row.seat, note, ...seat },
          faults: row.faults.filter((fault) => fault.field !== mended),
          // Another name is another person.
          ...(seat.name !== undefined && { known: [], who: null }),
        };
      }),
    );
  }
  const setWho = (choose: (row: Row) => Row['who']) =>
    setRows((before) => (before ?? []).map((row) => ({ ...row, who: choose(row) })));
  function add() {
    const named = seated.filter((row) => row.seat.name);
    // Whoever nobody recognised is somebody new: known people are never taken for them in silence.
    onAdd(named.map(({ id, seat, who }) => ({ id, ...seatFrom(seat), person_id: who ?? null })));
    localStorage.removeItem(draftKey);
    setRows(null);
    setText('');
    onClose?.();
  }

  /** A line that was left out is somebody after all. */
  function seatAnyway(id: string) {
    setRows((before) =>
      (before ?? []).map(({ skip: _, kind, ...row }) =>
        row.id === id
          ? { ...row, seat: { ...row.seat, name: row.seat.name || row.text.trim().slice(0, 120) }, faults: [] }
          : { ...row, ...(kind && { skip: true as const, kind }) },
      ),
    );
  }

  const seated = (rows ?? []).filter((row) => !row.skip);
  const left = (rows ?? []).filter((row) => row.kind && row.kind !== 'blank' && row.kind !== 'part');
  const noSkill = seated.filter((row) => row.seat.name && row.seat.skill === null).length;
  const toMend = (rows ?? []).filter((row) => row.faults.length > 0).length;
  const seatable = seated.filter((row) => row.seat.name).length;
  const again = (rows ?? []).filter((row) => row.who).length;
  const unsaid = (rows ?? []).filter((row) => row.who === undefined);
  return (
    <section aria-label="Paste a list" className="border-b hair p-4">
      {!rows && (
        <div className="max-w-3xl">
          <h2 className="text-lg">Who is coming?</h2>
          <p className="quiet mb-2">
            Paste the list as you have it, a line a person: names, wrists in cm, mm or inches, ages, skill, project, in
            any order. Half a line will do.
          </p>
          <textarea
            className="textarea w-full font-mono text-sm"
            rows={9}
            aria-label="List of who is coming"
            aria-describedby="list-problem"
            placeholder={EXAMPLE}
            value={text}
            data-paste
            onChange={(event) => keep(event.target.value)}
            onKeyDown={(event) => {
              if (event.key === 'Enter' && (event.ctrlKey || event.metaKey)) void read(text);
            }}
          />
          <p id="list-problem" role="alert" className="font-semibold text-error">
            {problem}
          </p>
          <div className="mt-2 flex flex-wrap items-center gap-2">
            <button type="button" className="btn btn-primary" disabled={reading} onClick={() => void read(text)}>
              {reading ? 'Reading…' : 'Read the list'}
            </button>
            <span className="quiet text-sm">Ctrl Enter</span>
            <label className="btn">
              Open a CSV file
              <input
                type="file"
                accept=".csv,.tsv,.txt,text/csv,text/plain"
                className="sr-only"
                onChange={async (event) => {
                  const file = event.target.files?.[0];
                  event.target.value = '';
                  if (!file) return;
                  if (file.size > 900_000)
                    return setProblem(`${file.name} is over 0.9 MB: that is no list of a session.`);
                  const content = await file.text();
                  keep(content);
                  await read(content);
                }}
              />
            </label>
            {onClose && (
              <button type="button" className="btn btn-ghost" onClick={onClose}>
                Close
              </button>
            )}
          </div>
        </div>
      )}
      {rows && (
        <div>
          <h2 className="text-lg">
            {seated.length} {seated.length === 1 ? 'line' : 'lines'} read
            {toMend > 0 && <span className="text-error">, {toMend} to look at</span>}
          </h2>
          {unsaid.length > 0 && (
            <p className="my-1 flex flex-wrap items-center gap-2 border-l-4 border-warning bg-base-200 px-3 py-1.5 text-sm">
              <strong>
                {unsaid.length} {unsaid.length === 1 ? 'name is' : 'names are'} known from before.
              </strong>
              <button
                type="button"
                className="btn btn-xs bg-base-100"
                onClick={() => setWho((row) => (row.who === undefined ? row.known[0]!.id : row.who))}
              >
                {unsaid.length === 1 ? 'It is the same person' : 'They are the same people'}
              </button>
              <span className="quiet">or say it line by line; who is not said is seated as somebody new.</span>
            </p>
          )}
          <div className="overflow-x-auto" onKeyDown={gridKeys}>
            <table className="sheet mt-1">
              <Heads
                of={['Line', 'Name', num('Wrist'), num('Age'), 'Skill', 'Project', 'Read as', unseen('Leave out')]}
              />
              <tbody>
                {seated.map((row, index) => (
                  <PreviewRow
                    key={row.id}
                    row={row}
                    index={index}
                    units={units}
                    catalogue={catalogue}
                    onChange={(seat, mended, dropped) => change(row.id, seat, mended, dropped)}
                    onWho={(who) => setWho((other) => (other.id === row.id ? who : other.who))}
                    onRemove={() => setRows(rows.filter((other) => other.id !== row.id))}
                  />
                ))}
              </tbody>
            </table>
          </div>
          {left.length > 0 && (
            <details className="mt-2 text-sm">
              <summary className="cursor-pointer">
                {left.length} {left.length === 1 ? 'line seats' : 'lines seat'} nobody
              </summary>
              <ul className="mt-1 max-w-3xl">
                {left.map((row) => (
                  <li key={row.id} className="flex items-baseline gap-2 py-0.5">
                    <span className="num quiet w-8 text-right">{row.line}</span>
                    <span className="quiet w-28">{LEFT[row.kind!]}</span>
                    <span className="min-w-0 flex-1 truncate">{row.text.trim()}</span>
                    <button type="button" className="btn btn-xs" onClick={() => seatAnyway(row.id)}>
                      Seat line {row.line}
                    </button>
                  </li>
                ))}
              </ul>
            </details>
          )}
          <div className="mt-3 flex flex-wrap items-center gap-2">
            <button type="button" className="btn btn-primary" disabled={seatable === 0} onClick={add}>
              Seat {seatable} {seatable === 1 ? 'person' : 'people'}
              {again > 0 && `, ${again} of them known`}
            </button>
            <button type="button" className="btn" onClick={() => setRows(null)}>
              Back to the text
            </button>
            {noSkill > 0 && (
              <span className="quiet text-sm">
                {noSkill} {noSkill === 1 ? 'skill' : 'skills'} not given: seated as new, so that there is time enough.
              </span>
            )}
            {toMend > 0 && (
              <span className="quiet text-sm">What is not mended stays empty, and the words are kept as a note.</span>
            )}
          </div>
        </div>
      )}
    </section>
  );
}
