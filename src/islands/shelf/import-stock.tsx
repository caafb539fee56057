import { useState } from 'react';
import type { Units } from '../../core/measure';
import type { StockRow } from '../../app/shelf/stock-list';
import { amountOf } from '../../ui/words/amount';
import { problemOf, book, request, type RequestProblem } from '../../ui/api';
import type { ShelfModel } from './use-shelf';
import { Heads, num } from '../../ui/heads';
import { Refusal } from '../../ui/refusal';

/** Books what was read: new stock as receipts; counts lot by lot, each on its own, so that one refused leaves the others. */
async function bookRows(rows: readonly StockRow[], counting: boolean): Promise<string[]> {
  if (!counting) {
    await book('POST', '/api/shelf/receive', {
      receipts: rows.map((row) => ({
        item: row.item!,
        note: 'list',
        lots: Array.from({ length: row.lots }, () => ({
          kind: row.kind!,
          amount: row.amount!,
          place: row.place,
          tare: null,
        })),
      })),
    });
    return [];
  }
  const refused: string[] = [];
  for (const row of rows) {
    const given = { kind: 'count', amount: row.amount!, note: 'counted from a list' };
    await book('POST', `/api/shelf/lots/${row.counted!.id}`, given).catch((problem: RequestProblem) => {
      refused.push(`line ${row.line}: ${problem.message}`);
    });
  }
  return refused;
}

/** Stock, or a count of it, from a CSV file: read for a preview with what is wrong line by line, then booked. */
export function ImportStock({ model, units, onDone }: { model: ShelfModel; units: Units; onDone: () => void }) {
  const [counting, setCounting] = useState(false);
  const [text, setText] = useState('');
  const [rows, setRows] = useState<readonly StockRow[] | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const read = async (list: string) => {
    setText(list);
    setProblem(null);
    setRows(null);
    try {
      setRows(await request<StockRow[]>('POST', '/api/shelf/read', { text: list, counting }));
    } catch (failed) {
      setProblem(problemOf(failed).message);
    }
  };
  const good = rows?.filter((row) => row.faults.length === 0) ?? [];
  const bad = rows?.filter((row) => row.faults.length > 0) ?? [];
  const save = async () => {
    let refused: string[] = [];
    const ok = await model.act(
      async () => {
        refused = await bookRows(good, counting);
      },
      `${good.length} ${good.length === 1 ? 'line' : 'lines'} booked.`,
    );
    if (refused.length > 0) setProblem(`Not booked: ${refused.join('; ')}.`);
    else if (ok) onDone();
  };
  return (
    <section className="mx-4 my-2 border hair bg-base-200 px-3 py-2" aria-label="Stock from a file">
      <div className="flex flex-wrap items-center gap-4">
        <label className="flex items-center gap-2">
          <input type="radio" className="radio radio-sm" checked={!counting} onChange={() => setCounting(false)} />
          New stock: item, colour, amount
        </label>
        <label className="flex items-center gap-2">
          <input type="radio" className="radio radio-sm" checked={counting} onChange={() => setCounting(true)} />A
          count: lot, amount
        </label>
        <input
          type="file"
          className="file-input file-input-sm"
          aria-label="CSV file"
          accept=".csv,.txt,text/csv,text/plain"
          onChange={async (event) => {
            const file = event.target.files?.[0];
            if (file) await read(await file.text());
          }}
        />
        <button type="button" className="btn btn-ghost btn-sm" onClick={onDone}>
          Cancel
        </button>
      </div>
      <textarea
        className="textarea mt-2 w-full font-mono text-sm"
        rows={4}
        aria-label="Stock list"
        placeholder={
          counting
            ? 'lot;amount\n12;8.4 m\n31;17'
            : 'item;colour;amount;kind;lots;place\nSatin cord 2 mm;Race blue;30 m;spool;2;Drawer 3'
        }
        value={text}
        onChange={(event) => setText(event.target.value)}
      />
      <button type="button" className="btn btn-sm" disabled={text.trim() === ''} onClick={() => void read(text)}>
        Read the list
      </button>
      <Refusal why={problem} className="mt-2" />
      {rows && (
        <>
          <h2 className="mt-2 text-lg">
            {rows.length} {rows.length === 1 ? 'line' : 'lines'} read{bad.length > 0 && `, ${bad.length} to put right`}
          </h2>
          <div className="max-h-80 overflow-y-auto">
            <table className="sheet text-sm">
              <caption className="sr-only">How each line was read</caption>
              <Heads of={[num('Line'), 'Item', num('Amount'), 'Place', 'What is wrong']} />
              <tbody>
                {[...bad, ...good].map((row) => (
                  <tr key={row.line} className={row.faults.length > 0 ? 'bg-base-100' : ''}>
                    <td className="num">{row.line}</td>
                    <td>{row.counted ? `Lot ${row.counted.number}` : row.name}</td>
                    <td className="num">
                      {row.amount !== null &&
                        `${row.lots > 1 ? `${row.lots} × ` : ''}${amountOf(row.counted?.item ?? row.item ?? 'hardware/x', row.amount, units)}`}
                    </td>
                    <td>{row.place}</td>
                    <td className="text-error">
                      {row.faults.map((fault) => `${fault.column}: ${fault.problem}`).join('; ')}
                    </td>
                  </tr>
                ))}
              </tbody>
            </table>
          </div>
          <button
            type="button"
            className="btn btn-primary btn-sm mt-2"
            disabled={good.length === 0 || model.busy}
            onClick={() => void save()}
          >
            Book {good.length} {good.length === 1 ? 'line' : 'lines'}
          </button>
        </>
      )}
    </section>
  );
}
