import { kindOf } from '../../core/shelf';
import { inBulkStream, inTransaction } from '../../data/database/transaction';
import { readItems } from '../../data/shelf/items';
import { ledgerTexts, type ExportedMovement } from '../../data/shelf/ledger';
import { lotsOf } from '../../data/shelf/lots';
import { csvParts, jsonParts, toCsv, type CsvRow } from '../../formats/csv';
import { shelfLines } from './shelf';

/** The shelf, a line a lot. */
export function shelfCsv(): Promise<string> {
  return inTransaction(async (t) => {
    const items = new Map((await readItems(t)).map(({ doc }) => [doc.id, doc]));
    const lots = await lotsOf([...items.keys()], t);
    const rows = lots.map(({ number, item, kind, place, hand, held }) => ({
      lot: number,
      item: items.get(item)!.name,
      kind,
      place,
      amount: hand,
      reserved: held,
      unit: kindOf(item) === 'cord' ? 'mm' : 'pieces',
    }));
    return toCsv(rows, ['lot', 'item', 'kind', 'place', 'amount', 'reserved', 'unit']);
  });
}

/** The shelf as JSON: items with their totals, and every lot. */
export function shelfJson(): Promise<object> {
  return inTransaction(async (t) => {
    const { lines } = await shelfLines(t);
    const lots = await lotsOf(
      lines.map(({ doc }) => doc.id),
      t,
    );
    return { format: 'lapboard-shelf', version: 1, items: lines.map(({ doc }) => doc), lots };
  });
}

const LEDGER_COLUMNS = ['id', 'made_at', 'kind', 'lot', 'item', 'on_hand', 'reserved', 'session', 'note', 'undoes'];

/** The whole ledger, oldest first, as it is read. */
const ledgerRows = (): AsyncGenerator<readonly (ExportedMovement & CsvRow)[]> =>
  inBulkStream(async function* (t) {
    for await (const texts of ledgerTexts(t)) yield texts.map((text) => JSON.parse(text) as ExportedMovement & CsvRow);
  });

export const ledgerCsv = (): AsyncGenerator<string> => csvParts(ledgerRows(), LEDGER_COLUMNS);
export const ledgerJson = (): AsyncGenerator<string> =>
  jsonParts({ format: 'lapboard-ledger', version: 1 }, 'movements', ledgerRows());
