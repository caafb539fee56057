import { Download, Upload, X } from 'lucide-react';
import { useEffect, useRef, useState } from 'react';
import type { Transfer } from '../../data/archive';
import { request } from '../../ui/api';
import { newId } from '../../ui/new-id';

const FILES = [
  ['shelf.csv', 'Shelf (CSV)'],
  ['shelf.json', 'Shelf (JSON)'],
  ['ledger.csv', 'Ledger (CSV)'],
  ['ledger.json', 'Ledger (JSON)'],
  ['records.csv', 'Records (CSV)'],
  ['records.json', 'Records (JSON)'],
  ['projects.csv', 'Projects (CSV)'],
  ['projects.json', 'Projects (JSON)'],
  ['sessions.ics', 'Sessions (calendar)'],
] as const;

/** How often a transfer is asked how far it is, ms. */
const POLL_MS = 700;

/** How far a transfer is; null before it has begun, and where there is none. */
function useTransfer(id: string | null): Transfer | null {
  const [found, setFound] = useState<{ id: string; transfer: Transfer } | null>(null);
  useEffect(() => {
    if (id === null) return undefined;
    let timer: ReturnType<typeof setTimeout> | undefined;
    let isWanted = true;
    const again = (): void => {
      if (isWanted) timer = setTimeout(ask, POLL_MS);
    };
    const ask = (): void => {
      request<Transfer>('GET', `/api/transfers/${id}`).then(
        (transfer) => {
          if (!isWanted) return;
          setFound({ id, transfer });
          if (transfer.state === 'running') again();
        },
        // It is noted as soon as it begins.
        again,
      );
    };
    again();
    return () => {
      isWanted = false;
      clearTimeout(timer);
    };
  }, [id]);
  return found?.id === id ? found.transfer : null;
}

/** How far a transfer is, in words and as a bar. */
function Progress({ name, transfer }: { name: string; transfer: Transfer }) {
  const { done, total, state } = transfer;
  const rows = done.toLocaleString();
  const words =
    state === 'running'
      ? `${name}: ${total === null ? `${rows} rows so far` : `${rows} of ${total.toLocaleString()} rows`}`
      : state === 'finished'
        ? `${name}: finished, ${rows} rows`
        : `${name}: stopped`;
  return (
    <p className="flex items-center gap-3">
      <progress
        className="progress progress-primary w-40"
        max={total ?? undefined}
        value={state === 'finished' ? (total ?? 1) : total === null ? undefined : done}
        aria-label={name}
      />
      <span className="tabular-nums">{words}</span>
    </p>
  );
}

/** Exports of the studio in open formats, and the import of a whole one into an empty studio. */
export function ExportImport() {
  const [exporting, setExporting] = useState<string | null>(null);
  const [importing, setImporting] = useState<string | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const stop = useRef<AbortController | null>(null);
  const exported = useTransfer(exporting);
  const imported = useTransfer(importing);
  const bring = async (file: File): Promise<void> => {
    const id = newId();
    const abort = new AbortController();
    stop.current = abort;
    setProblem(null);
    setImporting(id);
    const response = await fetch(`/api/import?transfer=${id}`, {
      method: 'POST',
      headers: { 'content-type': 'application/zip' },
      body: file,
      signal: abort.signal,
    }).catch(() => null);
    stop.current = null;
    setImporting(null);
    if (response?.ok) return window.location.assign('/');
    const answer = (await response?.json().catch(() => null)) as { detail?: string } | null;
    setProblem(
      abort.signal.aborted
        ? 'Import cancelled. Nothing was imported.'
        : (answer?.detail ?? 'The server cannot be reached. Nothing was imported; try again.'),
    );
  };
  return (
    <section className="mt-6">
      <h2 className="text-xl">Export and import</h2>
      <p className="quiet">
        Open formats, complete. The ZIP holds the whole studio as it is at that moment, and can be imported into an
        empty studio.
      </p>
      <ul className="my-2 flex flex-wrap gap-2">
        <li>
          <a
            className="btn btn-sm"
            href="/api/export/studio.zip"
            download
            onClick={({ currentTarget }) => {
              const id = newId();
              currentTarget.href = `/api/export/studio.zip?transfer=${id}`;
              setExporting(id);
            }}
          >
            <Download size={14} aria-hidden="true" /> The whole studio (ZIP)
          </a>
        </li>
        {FILES.map(([file, words]) => (
          <li key={file}>
            <a className="btn btn-sm" href={`/api/export/${file}`} download>
              <Download size={14} aria-hidden="true" /> {words}
            </a>
          </li>
        ))}
      </ul>
      <div role="status">{exported && <Progress name="Export" transfer={exported} />}</div>
      <label className="mt-2 flex items-center gap-2 text-sm">
        <Upload size={14} aria-hidden="true" /> Import a studio (ZIP)
        <input
          type="file"
          className="file-input file-input-sm"
          accept=".zip,application/zip"
          disabled={importing !== null}
          onChange={(event) => {
            const file = event.target.files?.[0];
            if (file) void bring(file);
            event.target.value = '';
          }}
        />
      </label>
      <div role="status" className="flex flex-wrap items-center gap-3">
        {importing && (imported ? <Progress name="Import" transfer={imported} /> : <p>Uploading…</p>)}
        {importing && (
          <button type="button" className="btn btn-sm" onClick={() => stop.current?.abort()}>
            <X size={14} aria-hidden="true" /> Cancel import
          </button>
        )}
      </div>
      {problem && (
        <p role="alert" className="font-semibold text-error">
          {problem}
        </p>
      )}
    </section>
  );
}
