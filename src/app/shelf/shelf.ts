import type { Transaction } from 'sequelize';
import { notFound, stale } from '../../core/problem';
import { LEDGER_PAGE, type Item } from '../../core/shelf';
import { inTransaction } from '../../data/database/transaction';
import { findItem, itemTotals, readItems, updateItem, type ItemTotal, type StoredItem } from '../../data/shelf/items';
import { ledger, type LedgerLine } from '../../data/shelf/ledger';
import { findLot, lotsOf, type Lot } from '../../data/shelf/lots';
import { openOrders, type Order } from '../../data/shelf/orders';
import { readStudio } from '../studio/studio';
import { hexOf } from './item-names';

/** An item with how much of it there is. */
export interface ShelfLine extends Omit<ItemTotal, 'item'>, StoredItem {
  /** A cord's colour. */
  readonly hex: string | null;
  readonly ordered: number;
}

export interface ShelfView {
  readonly lines: readonly ShelfLine[];
  readonly orders: readonly Order[];
}

/** One item with its lots and the newest of its movements. */
export interface ItemView {
  readonly line: ShelfLine;
  readonly lots: readonly Lot[];
}

/** Every item with its totals. */
export async function shelfLines(t: Transaction): Promise<ShelfView> {
  const { catalogue } = await readStudio(t);
  const totals = new Map((await itemTotals(t)).map((total) => [total.item, total]));
  const orders = await openOrders(t);
  const lines = (await readItems(t)).map(({ doc, version }): ShelfLine => {
    const { hand = 0, held = 0, lots = 0 } = totals.get(doc.id) ?? {};
    const ordered = orders
      .filter((order) => order.item === doc.id)
      .reduce((sum, order) => sum + (order.packs - order.received) * order.pack, 0);
    return { doc, version, hand, held, lots, ordered, hex: hexOf(doc.id, catalogue) };
  });
  return { lines, orders };
}

export const openShelf = (): Promise<ShelfView> => inTransaction(shelfLines);

export function openItem(id: string): Promise<ItemView> {
  return inTransaction(async (t) => {
    const { lines } = await shelfLines(t);
    const line = lines.find(({ doc }) => doc.id === id);
    if (!line) throw notFound('item on the shelf');
    return { line, lots: await lotsOf([id], t) };
  });
}

/** A lot and the item it is of; null where there is no such lot. */
export const itemOfLot = (id: string): Promise<Lot | null> => inTransaction((t) => findLot(id, t));

export function editItem(doc: Item, version: number): Promise<ShelfView> {
  return inTransaction(async (t) => {
    const before = await findItem(doc.id, t);
    if (!before) throw notFound('item on the shelf');
    if (!(await updateItem(doc, version, t))) throw stale('item', before);
    return shelfLines(t);
  });
}

/** A page of the ledger, newest first. */
export const openLedger = (of: { lot?: string; session?: string; before?: string }): Promise<LedgerLine[]> =>
  inTransaction((t) => ledger(of, LEDGER_PAGE, t));
