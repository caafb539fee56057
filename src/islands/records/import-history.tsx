import { useState } from 'react';
import type { HistoryPreview } from '../../app/records/history';
import { problemOf, request } from '../../ui/api';
import { Heads, num } from '../../ui/heads';
import { Refusal } from '../../ui/refusal';

/** A history from elsewhere, as CSV: read for a preview with what is wrong line by line, then taken in. */
export function ImportHistory({ onDone }: { onDone: (added: number) => void }) {
  const [text, setText] = useState('');
  const [preview, setPreview] = useState<HistoryPreview | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const [sending, setSending] = useState(false);
  const ask = async <T,>(take: boolean, list: string): Promise<T | null> => {
    setProblem(null);
    setSending(true);
    try {
      return await request<T>('POST', '/api/records/history', { text: list, take });
    } catch (failed) {
      setProblem(problemOf(failed).message);
      return null;
    } finally {
      setSending(false);
    }
  };
  const read = async (list: string) => {
    setText(list);
    setPreview(await ask<HistoryPreview>(false, list));
  };
  return (
    <section className="my-2 border hair bg-base-200 px-3 py-2" aria-label="Records from elsewhere">
      <p className="text-sm">
        A line a cord, a heading over each column: date, project, skill, cord, planned band, cut, left; and half knots,
        band, minutes, maker, piece where they are known. Left: 12 + 9 for two ends, or short.
      </p>
      <input
        type="file"
        className="file-input file-input-sm mt-2"
        aria-label="CSV file of records"
        accept=".csv,.txt,text/csv,text/plain"
        onChange={async (event) => {
          const file = event.target.files?.[0];
          if (file) await read(await file.text());
        }}
      />
      <textarea
        className="textarea mt-2 w-full font-mono text-sm"
        rows={4}
        aria-label="Records as CSV"
        placeholder={
          'date;maker;project;skill;cord;planned band cm;cut cm;left cm;half knots\n2029-05-04;A;band-buckle;new;sheathed-4;13,5;240;11 + 14;27'
        }
        value={text}
        onChange={(event) => {
          setText(event.target.value);
          setPreview(null);
        }}
      />
      <div className="mt-1 flex flex-wrap items-center gap-3">
        <button
          type="button"
          className="btn btn-sm"
          disabled={text.trim() === '' || sending}
          onClick={() => void read(text)}
        >
          Read it
        </button>
        {preview && preview.pieces > 0 && (
          <button
            type="button"
            className="btn btn-primary btn-sm"
            disabled={sending}
            onClick={async () => {
              const done = await ask<{ added: number }>(true, text);
              if (done) onDone(done.added);
            }}
          >
            Take in {preview.pieces} {preview.pieces === 1 ? 'piece' : 'pieces'}
          </button>
        )}
      </div>
      <Refusal why={problem ?? preview?.fault ?? null} className="mt-2" />
      {preview && !preview.fault && (
        <>
          <p className="mt-2">
            {preview.lines} lines read: {preview.pieces} pieces of {preview.makers} makers
            {preview.from && `, ${preview.from} to ${preview.to}`}
            {preview.faults.length > 0 && `; ${preview.faults.length} faults, whose pieces are left out`}.
          </p>
          <table className="sheet text-sm">
            <caption className="sr-only">How the lines were read</caption>
            <Heads of={[num('Line'), 'Read as', 'What is wrong']} />
            <tbody>
              {preview.faults.map(({ line, column, problem: wrong }, i) => (
                <tr key={`fault ${i}`}>
                  <td className="num">{line}</td>
                  <td />
                  <td>
                    <strong>{column}</strong>: {wrong}
                  </td>
                </tr>
              ))}
              {preview.first.map(({ line, what, used }) => (
                <tr key={line}>
                  <td className="num">{line}</td>
                  <td>
                    {what}: {used}
                  </td>
                  <td />
                </tr>
              ))}
            </tbody>
          </table>
        </>
      )}
    </section>
  );
}
