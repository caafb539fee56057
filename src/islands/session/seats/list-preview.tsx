import { useState } from 'react';
import type { Units } from '../../../core/measure';
import type { Catalogue } from '../../../core/project';
import type { RosterRow } from '../../../app/session/roster';
import { gridKeys } from '../../../ui/fields/grid-keys';
import { Heads, num, unseen } from '../../../ui/heads';
import { ListRow } from './list-row';
import { mend, rowsOf, seatAnyway, type Row } from './list-rows';

/** What a line is that seats nobody. */
const LEFT: Readonly<Record<NonNullable<RosterRow['kind']>, string>> = {
  blank: 'empty',
  heading: 'a heading',
  text: 'a remark',
  total: 'a total',
  cancelled: 'not coming',
  part: 'part of a seat',
};

/** How each line of a list was read: to be mended, settled, left out or seated after all, and then seated. */
export function ListPreview({
  lines,
  units,
  catalogue,
  onSeat,
  onBack,
}: {
  lines: readonly RosterRow[];
  units: Units;
  catalogue: Catalogue;
  onSeat: (rows: readonly Row[]) => void;
  onBack: () => void;
}) {
  const [rows, setRows] = useState(() => rowsOf(lines));
  const change = (id: string, how: (row: Row) => Row) =>
    setRows((before) => before.map((row) => (row.id === id ? how(row) : row)));

  const seated = rows.filter((row) => !row.skip);
  const left = rows.filter((row) => row.kind && row.kind !== 'blank' && row.kind !== 'part');
  const noSkill = seated.filter((row) => row.seat.name && row.seat.skill === null).length;
  const toMend = seated.filter((row) => row.faults.length > 0).length;
  const seatable = seated.filter((row) => row.seat.name).length;
  const again = seated.filter((row) => row.who).length;
  const unsaid = seated.filter((row) => row.who === undefined);
  return (
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
            onClick={() =>
              setRows(rows.map((row) => (row.who === undefined ? { ...row, who: row.known[0]!.id } : row)))
            }
          >
            {unsaid.length === 1 ? 'It is the same person' : 'They are the same people'}
          </button>
          <span className="quiet">or say it line by line; who is not said is seated as somebody new.</span>
        </p>
      )}
      <div className="overflow-x-auto" onKeyDown={gridKeys}>
        <table className="sheet mt-1">
          <Heads of={['Line', 'Name', num('Wrist'), num('Age'), 'Skill', 'Project', 'Read as', unseen('Leave out')]} />
          <tbody>
            {seated.map((row, index) => (
              <ListRow
                key={row.id}
                row={row}
                index={index}
                units={units}
                catalogue={catalogue}
                onChange={(seat, mended, dropped) => change(row.id, (own) => mend(own, seat, mended, dropped))}
                onWho={(who) => change(row.id, (own) => ({ ...own, who }))}
                onSettle={(fault) =>
                  change(row.id, (own) => ({ ...own, faults: own.faults.filter((other) => other !== fault) }))
                }
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
                <button type="button" className="btn btn-xs" onClick={() => change(row.id, seatAnyway)}>
                  Seat line {row.line}
                </button>
              </li>
            ))}
          </ul>
        </details>
      )}
      <div className="mt-3 flex flex-wrap items-center gap-2">
        <button
          type="button"
          className="btn btn-primary"
          disabled={seatable === 0}
          onClick={() => onSeat(seated.filter((row) => row.seat.name))}
        >
          Seat {seatable} {seatable === 1 ? 'person' : 'people'}
          {again > 0 && `, ${again} of them known`}
        </button>
        <button type="button" className="btn" onClick={onBack}>
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
  );
}
