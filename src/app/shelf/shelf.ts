import type { Transaction } from 'sequelize';
import { notFound, Problem, stale } from '../../core/problem';
import { lookUp, type Catalogue } from '../../core/project';
import {
  cordOf,
  kindOf,
  LEDGER_PAGE,
  move,
  newItem,
  type Item,
  type LotKind,
  type MovementKind,
} from '../../core/shelf';
import {
  balanceOf,
  bookedKeys,
  findItem,
  findLot,
  findMovement,
  insertItems,
  insertLots,
  insertMovements,
  itemTotals,
  ledger,
  lockLots,
  lotsOf,
  openOrders,
  readItems,
  updateItem,
  updateLot,
  type ItemTotal,
  type LedgerLine,
  type Lot,
  type Order,
} from '../../data/shelf';
import type { Versioned } from '../../data/studio';
import { inTransaction } from '../../data/transaction';
import { askedOnce } from '../studio/asked-once';
import { keyFor } from '../studio/key-for';
import { lockStanding } from '../session/session';
import { readStudio } from '../studio/studio';

/** An item with how much of it there is. */
export interface ShelfLine extends Omit<ItemTotal, 'item'>, Versioned<Item> {
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

/** An item's name from the catalogue, or null where the catalogue has no such thing. */
export function nameOf(id: string, { cords, hardware }: Catalogue): string | null {
  const [kind, slug = ''] = id.split('/');
  const cord = cordOf(id);
  if (cord) {
    const found = Object.hasOwn(cords, cord.cord) ? cords[cord.cord] : undefined;
    const colour = found?.colours.find((c) => c.slug === cord.colour);
    return found && colour ? `${found.name}, ${colour.name}` : null;
  }
  if (kind === 'hardware') return Object.hasOwn(hardware, slug) ? hardware[slug]!.name : null;
  return null;
}

/** The colour of a cord's item; null for anything else. */
export function hexOf(id: string, { cords }: Catalogue): string | null {
  const cord = cordOf(id);
  return cord ? (lookUp(cords, cord.cord)?.colours.find((colour) => colour.slug === cord.colour)?.hex ?? null) : null;
}

/** Makes sure the shelf knows these items. Consumables and tools bring a name; cords and hardware have the catalogue's. */
export async function knowItems(
  wanted: readonly { readonly id: string; readonly name?: string | undefined }[],
  t: Transaction,
): Promise<void> {
  const { catalogue } = await readStudio(t);
  const items = wanted.map(({ id, name }) => {
    const own = nameOf(id, catalogue) ?? (['consumable', 'tool'].includes(kindOf(id)) ? name : undefined);
    if (!own)
      throw new Problem(
        422,
        'unknown',
        kindOf(id) === 'consumable' || kindOf(id) === 'tool'
          ? 'A new consumable or tool needs a name.'
          : `The catalogue has no “${id}”: use one of its cords, colours and hardware.`,
        { pointer: '/item' },
      );
    return newItem(id, own);
  });
  await insertItems(items, t);
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

export function editItem(doc: Item, version: number): Promise<ShelfView> {
  return inTransaction(async (t) => {
    const before = await findItem(doc.id, t);
    if (!before) throw notFound('item on the shelf');
    if (!(await updateItem(doc, version, t))) throw stale('item', before);
    return shelfLines(t);
  });
}

/** Stock that came in: lots, each with what it holds. */
export interface Receipt {
  readonly item: string;
  readonly name?: string | undefined;
  readonly lots: readonly {
    readonly kind: LotKind;
    readonly amount: number;
    readonly place: string;
    readonly tare: number | null;
  }[];
  readonly note: string;
}

/** Puts stock on the shelf; under the same key it is there once, however often it is sent. */
export async function receive(key: string, { item, name, lots, note }: Receipt, t: Transaction): Promise<void> {
  await knowItems([{ id: item, name }], t);
  const made = lots.map((lot, i) => ({ ...lot, item, id: keyFor(key, `lot ${i}`) }));
  await insertLots(made, t);
  await insertMovements(
    made.map(({ id, amount }, i) => ({
      key: keyFor(key, `receive ${i}`),
      kind: 'receive',
      lot: id,
      hand: amount,
      held: 0,
      session_id: null,
      note,
      undoes: null,
    })),
    t,
  );
}

/** Takes several things in, all of them or none. */
export async function receiveStock(key: string, receipts: readonly Receipt[]): Promise<ShelfView> {
  await askedOnce(key, ['receive', receipts]);
  return inTransaction(async (t) => {
    // All items first and in one order, so that no two who receive the same things wait for each other.
    await knowItems(
      receipts.map(({ item, name }) => ({ id: item, name })),
      t,
    );
    for (const [i, receipt] of receipts.entries()) await receive(keyFor(key, `receipt ${i}`), receipt, t);
    return shelfLines(t);
  });
}

/** What one person does to one lot by hand. */
export interface LotMove {
  readonly key: string;
  readonly kind: Exclude<MovementKind, 'undo' | 'reserve' | 'release' | 'receive'>;
  readonly amount: number;
  readonly note: string;
}

/** In words, where a lot cannot give what is asked. */
export const notEnough = (lot: Lot, asked: number, why: string): Problem =>
  new Problem(409, 'not-enough', `Lot ${lot.number} cannot give ${asked}: ${why}. Look at it again.`, { current: lot });

/** Moves a lot by hand, under its lock: of two who take the last of it, the second is told what is left. */
export async function moveLot(id: string, { key, kind, amount, note }: LotMove): Promise<ItemView> {
  await askedOnce(key, ['move', id, kind, amount, note]);
  return inTransaction(async (t) => {
    const lot = (await lockLots([id], t))[0];
    if (!lot) throw notFound('lot');
    if (!(await bookedKeys([key], t)).has(key)) {
      const moved = move(kind, amount, await balanceOf(lot, null, t));
      if (!moved.ok) throw notEnough(lot, amount, moved.why);
      await insertMovements([{ key, kind, lot: id, ...moved.change, session_id: null, note, undoes: null }], t);
    }
    const { lines } = await shelfLines(t);
    return { line: lines.find(({ doc }) => doc.id === lot.item)!, lots: await lotsOf([lot.item], t) };
  });
}

/** Changes what is written on a lot, not what is in it. */
export function relabelLot(
  id: string,
  { version, ...changes }: { version: number; place: string; tare: number | null },
): Promise<Lot> {
  return inTransaction(async (t) => {
    const done = await updateLot(id, version, changes, t);
    const lot = await findLot(id, t);
    if (!lot) throw notFound('lot');
    // A change that was stored although its answer was lost is sent again: it is no conflict.
    if (!done && (lot.place !== changes.place || lot.tare !== changes.tare)) throw stale('lot', lot);
    return lot;
  });
}

/** Enters the counter-movement of a movement: once, and only while the lot still has what it takes back. */
export async function undoMovement(id: string, key: string): Promise<void> {
  await askedOnce(key, ['undo', id]);
  return inTransaction(async (t) => {
    const movement = await findMovement(id, t);
    if (!movement) throw notFound('movement');
    if ((await bookedKeys([key], t)).has(key)) return;
    if (movement.kind === 'undo')
      throw new Problem(422, 'undo', 'A counter-entry is not undone: enter the movement anew.');
    if (movement.session_id && movement.held !== 0) await lockStanding(movement.session_id, t);
    const [lot] = await lockLots([movement.lot], t);
    if ((await findMovement(id, t))!.undone) throw new Problem(409, 'undone', 'Somebody undid this movement already.');
    const after = { hand: lot!.hand - movement.hand, held: lot!.held - movement.held };
    if (after.hand < 0 || after.held < 0 || after.held > after.hand)
      throw notEnough(lot!, Math.abs(movement.hand), 'what it brought is used or reserved meanwhile');
    await insertMovements(
      [
        {
          key,
          kind: 'undo',
          lot: movement.lot,
          hand: -movement.hand,
          held: -movement.held,
          session_id: movement.session_id,
          note: '',
          undoes: movement.id,
        },
      ],
      t,
    );
  });
}

/** A page of the ledger, newest first. */
export const openLedger = (of: { lot?: string; session?: string; before?: string }): Promise<LedgerLine[]> =>
  inTransaction((t) => ledger(of, LEDGER_PAGE, t));
