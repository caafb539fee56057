import { kindOf } from '../../core/shelf';
import { inTransaction } from '../../data/database/transaction';
import { readItems } from '../../data/shelf/items';
import { ledger } from '../../data/shelf/ledger';
import { lotsOf } from '../../data/shelf/lots';
import { toCsv } from '../../formats/csv';
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

/** The whole ledger, oldest first. */
async function ledgerRows(): Promise<Record<string, string | number | null>[]> {
  const lines = await inTransaction((t) => ledger({}, 10_000_000, t));
  return lines.reverse().map(({ id, made_at, kind, number, item, hand, held, session, note, undoes }) => ({
    id: Number(id),
    made_at: new Date(made_at).toISOString(),
    kind,
    lot: number,
    item,
    on_hand: hand,
    reserved: held,
    session,
    note,
    undoes: undoes === null ? null : Number(undoes),
  }));
}
export const ledgerCsv = async (): Promise<string> => toCsv(await ledgerRows(), LEDGER_COLUMNS);
export const ledgerJson = async (): Promise<object> => ({
  format: 'lapboard-ledger',
  version: 1,
  movements: await ledgerRows(),
});
