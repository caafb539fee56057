import { useState } from 'react';
import type { Units } from '../../../core/measure';
import type { Catalogue } from '../../../core/project';
import type { NewSeat } from '../../../core/seat';
import type { RosterRow } from '../../../app/session/roster';
import { problemOf, request } from '../../../ui/api';
import { ListPreview } from './list-preview';
import { seatFrom, type Row } from './list-rows';

const EXAMPLE = `Wren Ashby, 16.5 cm, 9, new, buckle
Orla Finch; 6 1/2 in; 34; steady; ring fob
Tam Reed ~15 cm age 8`;

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
  const [lines, setLines] = useState<readonly RosterRow[] | null>(null);
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
      setLines(await request<RosterRow[]>('POST', '/api/roster', { text: list }));
    } catch (error) {
      setProblem(problemOf(error).message);
    } finally {
      setReading(false);
    }
  }
  function seat(rows: readonly Row[]) {
    // Whoever nobody recognised is somebody new: known people are never taken for them in silence.
    onAdd(rows.map((row) => ({ id: row.id, ...seatFrom(row.seat), person_id: row.who ?? null })));
    localStorage.removeItem(draftKey);
    setLines(null);
    setText('');
    onClose?.();
  }
  return (
    <section aria-label="Paste a list" className="border-b hair p-4">
      {!lines && (
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
      {lines && (
        <ListPreview lines={lines} units={units} catalogue={catalogue} onSeat={seat} onBack={() => setLines(null)} />
      )}
    </section>
  );
}
