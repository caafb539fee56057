import { Download, Upload } from 'lucide-react';
import { useState } from 'react';

const FILES = [
  ['studio.zip', 'The whole studio (ZIP)'],
  ['shelf.csv', 'Shelf (CSV)'],
  ['shelf.json', 'Shelf (JSON)'],
  ['ledger.csv', 'Ledger (CSV)'],
  ['ledger.json', 'Ledger (JSON)'],
  ['projects.csv', 'Projects (CSV)'],
  ['projects.json', 'Projects (JSON)'],
  ['sessions.ics', 'Sessions (calendar)'],
] as const;

/** Everything of the studio to take away in open formats, and to bring into an empty one. */
export function TakeAway() {
  const [note, setNote] = useState<{ text: string; bad: boolean } | null>(null);
  const bring = async (file: File) => {
    setNote({ text: 'Bringing it in…', bad: false });
    const response = await fetch('/api/import', {
      method: 'POST',
      headers: { 'content-type': 'application/zip' },
      body: file,
    }).catch(() => null);
    const answer = (await response?.json().catch(() => null)) as { rows?: number; detail?: string } | null;
    if (response?.ok) {
      setNote({ text: `Brought in: ${answer?.rows} rows.`, bad: false });
      window.location.assign('/');
    } else setNote({ text: answer?.detail ?? 'The server cannot be reached.', bad: true });
  };
  return (
    <section className="mt-6">
      <h2 className="text-xl">Take away, bring in</h2>
      <p className="quiet">Open formats, complete. The ZIP can be brought into an empty studio, with nothing lost.</p>
      <ul className="my-2 flex flex-wrap gap-2">
        {FILES.map(([file, words]) => (
          <li key={file}>
            <a className="btn btn-sm" href={`/api/export/${file}`} download>
              <Download size={14} aria-hidden="true" /> {words}
            </a>
          </li>
        ))}
      </ul>
      <label className="flex items-center gap-2 text-sm">
        <Upload size={14} aria-hidden="true" /> Bring in a studio (ZIP)
        <input
          type="file"
          className="file-input file-input-sm"
          accept=".zip,application/zip"
          onChange={(event) => {
            const file = event.target.files?.[0];
            if (file) void bring(file);
            event.target.value = '';
          }}
        />
      </label>
      <p role={note?.bad ? 'alert' : 'status'} className={note?.bad ? 'font-semibold text-error' : 'quiet'}>
        {note?.text}
      </p>
    </section>
  );
}
