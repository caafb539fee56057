import { useState, type DragEvent } from 'react';
import type { Units } from '../../../../core/measure';
import type { Catalogue } from '../../../../core/project';
import type { SeatRecord } from '../../../../core/seat';
import { FileButton } from '../../../../ui/fields/file-button';
import { useTypedEarly } from '../../../../ui/fields/use-typed-early';
import type { SessionModel } from '../../model/use-session';
import { yearsAhead } from '../years-ahead';
import { ListPreview, type Outcome } from './list-preview';
import { changesTo, seatFrom } from './list-rows';
import { textOf } from './read-file';
import { useReading } from './use-reading';

const EXAMPLE = `Wren Ashby, 16.5 cm, 9, new, buckle
Orla Finch; 6 1/2 in; 34; steady; ring fob
Tam Reed ~15 cm age 8`;

/** Seats with their ages as of today, as a list tells them; a session's are of its day. */
const asToday = (seated: readonly SeatRecord[], held_on: string): SeatRecord[] => {
  const ahead = yearsAhead(held_on);
  return seated.map((seat) => ({ ...seat, age: seat.age === null ? null : seat.age - ahead }));
};

/** Paste, drop or open a list of who is coming, see how each line was read, say what was not, and seat them. */
export function PasteList({
  session: { id: session, held_on },
  seated,
  units,
  catalogue,
  act,
  onClose,
}: {
  session: SessionModel['view']['session'];
  seated: readonly SeatRecord[];
  units: Units;
  catalogue: Catalogue;
  act: SessionModel['act'];
  onClose: (() => void) | null;
}) {
  const draftKey = `lapboard:list:${session}`;
  const [text, setText] = useState(() =>
    typeof localStorage === 'undefined' ? '' : (localStorage.getItem(draftKey) ?? ''),
  );
  const [over, setOver] = useState(false);
  const reading = useReading();

  function keep(next: string) {
    setText(next);
    localStorage.setItem(draftKey, next);
  }
  const frame = useTypedEarly<HTMLElement>(text, keep);
  async function open(file: File | undefined) {
    if (!file) return;
    try {
      const content = await textOf(file);
      keep(content);
      await reading.read(content);
    } catch (error) {
      reading.fail(error instanceof Error ? error.message : 'The file could not be read.');
    }
  }
  function drop(event: DragEvent) {
    event.preventDefault();
    setOver(false);
    void open(event.dataTransfer.files[0]);
  }
  function seat({ fresh, changed, gone }: Outcome) {
    const edits = changed.flatMap((row) =>
      row.there ? [{ id: row.there.id, changes: changesTo(row.there, row, catalogue) }] : [],
    );
    // Whoever nobody recognised is somebody new: known people are never taken for them in silence.
    const seats = fresh.map((row) => ({
      id: crypto.randomUUID(),
      ...seatFrom(row.seat, catalogue),
      person_id: row.who ?? null,
    }));
    if (edits.length > 0) act({ kind: 'seats', edits });
    if (seats.length > 0) act({ kind: 'add', seats });
    gone.forEach(({ id }) => act({ kind: 'remove', id }));
    localStorage.removeItem(draftKey);
    reading.close();
    setText('');
    onClose?.();
  }
  return (
    <section
      ref={frame}
      aria-label="Paste a list"
      className={`border-b hair p-4 ${over ? 'outline-2 -outline-offset-4 outline-dashed outline-primary' : ''}`}
      onDragOver={(event) => {
        event.preventDefault();
        setOver(true);
      }}
      onDragLeave={() => setOver(false)}
      onDrop={drop}
    >
      {!reading.lines && (
        <div className="max-w-3xl">
          <h2 className="text-lg">Who is coming?</h2>
          <p className="quiet mb-2">
            Paste the list as you have it, or drop its file here: names, wrists in cm, mm or inches, ages, skill,
            project, in any order. Half a line will do.
          </p>
          <textarea
            className="textarea w-full font-mono text-sm"
            rows={9}
            aria-label="List of who is coming"
            aria-describedby="list-problem"
            placeholder={EXAMPLE}
            autoComplete="off"
            value={text}
            data-paste
            onChange={(event) => keep(event.target.value)}
            onKeyDown={(event) => {
              if (event.key === 'Enter' && (event.ctrlKey || event.metaKey)) void reading.read(text);
            }}
          />
          <p id="list-problem" role="alert" className="font-semibold text-error">
            {reading.problem}
          </p>
          <div className="mt-2 flex flex-wrap items-center gap-2">
            <button
              type="button"
              className="btn btn-primary"
              disabled={reading.reading}
              onClick={() => void reading.read(text)}
            >
              {reading.reading ? 'Reading…' : 'Read the list'}
            </button>
            <span className="quiet text-sm">Ctrl Enter</span>
            <FileButton
              label="Open a CSV file or spreadsheet"
              accept=".csv,.tsv,.txt,.xlsx,text/csv,text/plain"
              onFile={(file) => void open(file)}
            />
            {onClose && (
              <button type="button" className="btn btn-ghost" onClick={onClose}>
                Close
              </button>
            )}
          </div>
        </div>
      )}
      {reading.lines && (
        <ListPreview
          lines={reading.lines}
          seated={asToday(seated, held_on)}
          units={units}
          catalogue={catalogue}
          reading={reading}
          onSeat={seat}
        />
      )}
    </section>
  );
}
