import { useRef, useState } from 'react';
import type { Units } from '../../../../core/measure';
import type { Catalogue } from '../../../../core/project';
import type { SeatRecord } from '../../../../core/seat';
import type { RosterRow } from '../../../../app/session/roster';
import { gridKeys } from '../../../../ui/fields/grid-keys';
import { Heads, num, unseen } from '../../../../ui/heads';
import { ColumnRow } from './column-row';
import { ListRow } from './list-row';
import { useNextQuestion } from './next-question';
import { changesTo, rowsOf, type Row } from './list-rows';
import { NobodyRow } from './nobody-row';
import type { Reading } from './use-reading';

/** What becomes of a list: who is seated, who changes, who is taken out. */
export interface Outcome {
  readonly fresh: readonly Row[];
  readonly changed: readonly Row[];
  readonly gone: readonly SeatRecord[];
}

const counted = (n: number, one: string, many: string): string => `${n} ${n === 1 ? one : many}`;

/** The list itself, each line with what it was read as, beside the seats it comes to; then seated. */
export function ListPreview({
  lines,
  seated,
  units,
  catalogue,
  reading,
  onSeat,
}: {
  lines: readonly RosterRow[];
  /** Who sits in the session already. */
  seated: readonly SeatRecord[];
  units: Units;
  catalogue: Catalogue;
  reading: Reading;
  onSeat: (outcome: Outcome) => void;
}) {
  const [out, setOut] = useState<ReadonlySet<string>>(new Set());
  const rows = rowsOf(lines, reading.edits, seated);
  const shown = rows.filter((row) => row.kind !== 'blank');
  const here = rows.filter((row) => !row.skip && !row.out);
  const named = here.filter((row) => row.seat.name);
  const fresh = named.filter((row) => !row.there);
  const changed = named.filter((row) => row.there && Object.keys(changesTo(row.there, row, catalogue)).length > 0);
  const again = named.length - fresh.length;
  // The list is of this session where it has half of those who sit in it: then who is not on it may have gone.
  const isSame = again > 0 && again * 2 >= seated.length;
  const missing = isSame ? seated.filter(({ id }) => !rows.some((row) => row.there?.id === id)) : [];
  const gone = missing.filter(({ id }) => out.has(id));
  const noSkill = fresh.filter((row) => row.seat.skill === null).length;
  const toMend = here.filter((row) => row.faults.length > 0).length;
  const known = fresh.filter((row) => row.who).length;
  const unsaid = fresh.filter((row) => row.who === undefined);
  const frame = useRef<HTMLDivElement>(null);
  useNextQuestion(frame, `${toMend} ${unsaid.length > 0}`, lines);
  const isTable = rows.some((row) => row.columns);
  const act = [
    (fresh.length > 0 || (changed.length === 0 && gone.length === 0)) &&
      `Seat ${counted(fresh.length, 'person', 'people')}${known > 0 ? `, ${known} of them known` : ''}`,
    changed.length > 0 && `change ${changed.length}`,
    gone.length > 0 && `take out ${gone.length}`,
  ]
    .filter(Boolean)
    .join(', ');
  return (
    <div ref={frame}>
      <h2 className="text-lg">
        {counted(here.length, 'seat', 'seats')} read
        {again > 0 && `: ${fresh.length} new, ${changed.length} changed, ${again - changed.length} as they are`}
        {toMend > 0 && <span className="text-error">, {toMend} to look at</span>}
        {here.length > named.length && <span>; {here.length - named.length} not seated until it has a name</span>}
      </h2>
      <p className="quiet text-sm">
        Under each word stands what it was read as. Press one to say that it is something else
        {isTable && '; name a column by its heading'}.
      </p>
      <p role="status" className="text-sm font-semibold text-error">
        {reading.problem}
      </p>
      {unsaid.length > 0 && (
        <p className="my-1 flex flex-wrap items-center gap-2 border-l-4 border-warning bg-base-200 px-3 py-1.5 text-sm">
          <strong>{unsaid.length === 1 ? '1 name is' : `${unsaid.length} names are`} known from before.</strong>
          <button
            type="button"
            className="btn btn-xs bg-base-100"
            data-asks="here"
            onClick={() =>
              unsaid.forEach((row) => reading.edit(row.key, (before) => ({ ...before, who: row.known[0]!.id })))
            }
          >
            {unsaid.length === 1 ? 'It is the same person' : 'They are the same people'}
          </button>
          <span className="quiet">or say it line by line; who is not said is seated as somebody new.</span>
        </p>
      )}
      <div className={`overflow-x-auto ${reading.reading ? 'opacity-60' : ''}`} onKeyDown={gridKeys}>
        <table className="sheet mt-1">
          <Heads
            of={[
              num('Line'),
              'As written',
              'Name',
              num('Wrist'),
              num('Age'),
              'Skill',
              'Project',
              'Also',
              unseen('Leave out'),
            ]}
          />
          <tbody>
            {shown.map((row, index) =>
              row.columns ? (
                <ColumnRow key={row.key} row={row} reading={reading} />
              ) : row.skip || row.out ? (
                <NobodyRow key={row.key} row={row} catalogue={catalogue} reading={reading} />
              ) : (
                <ListRow key={row.key} row={row} index={index} units={units} catalogue={catalogue} reading={reading} />
              ),
            )}
          </tbody>
        </table>
      </div>
      {missing.length > 0 && (
        <fieldset className="mt-2 text-sm">
          <legend className="font-semibold">Seated, and not on this list: take out</legend>
          {missing.map(({ id, name }) => (
            <label key={id} className="mr-4 inline-flex items-center gap-1.5">
              <input
                type="checkbox"
                className="checkbox checkbox-sm"
                checked={out.has(id)}
                onChange={() =>
                  setOut(
                    (before) => new Set(before.has(id) ? [...before].filter((own) => own !== id) : [...before, id]),
                  )
                }
              />
              {name}
            </label>
          ))}
        </fieldset>
      )}
      <div className="mt-3 flex flex-wrap items-center gap-2">
        <button
          type="button"
          className="btn btn-primary"
          data-done
          disabled={reading.reading || (fresh.length === 0 && changed.length === 0 && gone.length === 0)}
          onClick={() => onSeat({ fresh, changed, gone })}
        >
          {act[0]!.toUpperCase() + act.slice(1)}
        </button>
        <button type="button" className="btn" onClick={reading.close}>
          Back to the text
        </button>
        {noSkill > 0 && (
          <span className="quiet text-sm">
            {counted(noSkill, 'skill', 'skills')} not given: reckoned as new, so that there is time enough.
          </span>
        )}
        {toMend > 0 && (
          <span className="quiet text-sm">What is not mended stays empty, and the words are kept as a note.</span>
        )}
      </div>
    </div>
  );
}
