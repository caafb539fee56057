import type { Transaction } from 'sequelize';
import type { Balance, Change, Item, LotKind, MovementKind } from '../core/shelf';
import { database } from './connection';
import { select } from './query';
import type { Versioned } from './studio';

/** A lot as it stands. */
export interface Lot {
  readonly id: string;
  readonly number: number;
  readonly item: string;
  readonly kind: LotKind;
  readonly place: string;
  readonly tare: number | null;
  readonly hand: number;
  readonly held: number;
  /** Of what is written on it. */
  readonly version: number;
  /** A pack that nothing was cut or taken from yet. */
  readonly fresh: boolean;
}

/** One line of the ledger. */
export interface LedgerLine {
  readonly id: string;
  readonly made_at: string;
  readonly kind: MovementKind;
  readonly lot: string;
  readonly number: number;
  readonly item: string;
  readonly hand: number;
  readonly held: number;
  readonly session_id: string | null;
  readonly session: string | null;
  readonly note: string;
  readonly undoes: string | null;
  readonly undone: boolean;
}

const LOT = `id, number, item, kind, place, version, tare::float8 AS tare, hand, held,
  kind = 'pack' AND NOT EXISTS (SELECT 1 FROM movements m WHERE m.lot = lots.id AND m.kind IN ('issue', 'waste')) AS fresh`;

export async function readItems(t: Transaction): Promise<Versioned<Item>[]> {
  return select<Versioned<Item>>('SELECT doc, version FROM items ORDER BY id', [], t);
}

export async function findItem(id: string, t: Transaction): Promise<Versioned<Item> | null> {
  return (await select<Versioned<Item>>('SELECT doc, version FROM items WHERE id = $1', [id], t))[0] ?? null;
}

/** Adds items that are not there yet; those that are stay as the studio has them. */
export async function insertItems(items: readonly Item[], t: Transaction): Promise<void> {
  if (items.length === 0) return;
  // In one order, so that no two wait for each other.
  const sorted = [...items].sort((a, b) => (a.id < b.id ? -1 : 1));
  await database().query(
    `INSERT INTO items (id, doc) SELECT doc->>'id', doc FROM jsonb_array_elements($1::jsonb) AS doc ON CONFLICT DO NOTHING`,
    { bind: [JSON.stringify(sorted)], transaction: t },
  );
}

/** Changes an item if it still has this version; false when it has not. */
export async function updateItem(item: Item, version: number, t: Transaction): Promise<boolean> {
  const rows = await select(
    'UPDATE items SET doc = $2::jsonb, version = version + 1 WHERE id = $1 AND version = $3 RETURNING id',
    [item.id, JSON.stringify(item), version],
    t,
  );
  return rows.length === 1;
}

/** How much of each item is on the shelf, reserved and in how many lots. */
export interface ItemTotal {
  readonly item: string;
  readonly hand: number;
  readonly held: number;
  readonly lots: number;
}

export function itemTotals(t: Transaction): Promise<ItemTotal[]> {
  return select<ItemTotal>(
    `SELECT item, sum(hand)::float8 AS hand, sum(held)::float8 AS held, count(*)::int AS lots
       FROM lots WHERE hand > 0 GROUP BY item ORDER BY item`,
    [],
    t,
  );
}

/** How some items stand, each with what is free of every lot of it. */
export interface ItemStanding {
  readonly item: string;
  readonly hand: number;
  readonly held: number;
  readonly free: readonly number[];
}

export function standingOf(items: readonly string[], t: Transaction): Promise<ItemStanding[]> {
  return select<ItemStanding>(
    `SELECT item, sum(hand)::float8 AS hand, sum(held)::float8 AS held, array_agg(hand - held) AS free
       FROM lots WHERE item = ANY($1::text[]) AND hand > 0 GROUP BY item`,
    [[...items]],
    t,
  );
}

/** Lots with something in them of some items, longest first. */
export function lotsOf(items: readonly string[], t: Transaction): Promise<Lot[]> {
  return select<Lot>(
    `SELECT ${LOT} FROM lots WHERE item = ANY($1::text[]) AND hand > 0 ORDER BY item, hand DESC, number`,
    [[...items]],
    t,
  );
}

export async function findLot(id: string, t: Transaction): Promise<Lot | null> {
  return (await select<Lot>(`SELECT ${LOT} FROM lots WHERE id = $1`, [id], t))[0] ?? null;
}

/** Lots by the numbers written on them. */
export function lotsNumbered(numbers: readonly number[], t: Transaction): Promise<Lot[]> {
  return select<Lot>(`SELECT ${LOT} FROM lots WHERE number = ANY($1::int[])`, [[...numbers]], t);
}

/** Lots by their ids, held until the transaction ends; always in one order, so that no two wait for each other. */
export function lockLots(ids: readonly string[], t: Transaction): Promise<Lot[]> {
  return select<Lot>(`SELECT ${LOT} FROM lots WHERE id = ANY($1::uuid[]) ORDER BY id FOR UPDATE`, [[...ids]], t);
}

export interface NewLot {
  readonly id: string;
  readonly item: string;
  readonly kind: LotKind;
  readonly place: string;
  readonly tare: number | null;
}

/** Adds empty lots; one whose id is there already is left. */
export async function insertLots(lots: readonly NewLot[], t: Transaction): Promise<void> {
  if (lots.length === 0) return;
  await database().query(
    `INSERT INTO lots (id, item, kind, place, tare)
       SELECT id, item, kind, place, tare FROM jsonb_to_recordset($1::jsonb)
         AS l(id uuid, item text, kind text, place text, tare numeric)
     ON CONFLICT (id) DO NOTHING`,
    { bind: [JSON.stringify(lots)], transaction: t },
  );
}

/** Changes what is written on a lot if it still has this version; false when it has not. */
export async function updateLot(
  id: string,
  version: number,
  changes: { readonly place: string; readonly tare: number | null },
  t: Transaction,
): Promise<boolean> {
  const rows = await select(
    'UPDATE lots SET place = $3, tare = $4, version = version + 1 WHERE id = $1 AND version = $2 RETURNING id',
    [id, version, changes.place, changes.tare],
    t,
  );
  return rows.length === 1;
}

/** A movement to book. `key` makes it happen once, however often it is sent. */
export interface NewMovement extends Change {
  readonly key: string;
  readonly kind: MovementKind;
  readonly lot: string;
  readonly session_id: string | null;
  readonly note: string;
  readonly undoes: string | null;
}

/** Books movements; answers how many were new. */
export async function insertMovements(movements: readonly NewMovement[], t: Transaction): Promise<number> {
  if (movements.length === 0) return 0;
  const rows = await select(
    `INSERT INTO movements (key, kind, lot, hand, held, session_id, note, undoes)
       SELECT key, kind, lot, hand, held, session_id, note, undoes FROM jsonb_to_recordset($1::jsonb)
         AS m(key uuid, kind text, lot uuid, hand int, held int, session_id uuid, note text, undoes bigint)
     ON CONFLICT (key) DO NOTHING RETURNING id`,
    [JSON.stringify(movements)],
    t,
  );
  return rows.length;
}

/** Which of these keys are booked already. */
export async function bookedKeys(keys: readonly string[], t: Transaction): Promise<Set<string>> {
  const rows = await select<{ key: string }>('SELECT key FROM movements WHERE key = ANY($1::uuid[])', [[...keys]], t);
  return new Set(rows.map((row) => row.key));
}

/** What each session holds of a lot or of all lots. */
export interface Hold {
  readonly session_id: string;
  readonly lot: string;
  readonly item: string;
  readonly held: number;
}

export function holdsOf(session: string | null, t: Transaction): Promise<Hold[]> {
  return select<Hold>(
    `SELECT h.session_id, h.lot, l.item, h.held FROM holds h JOIN lots l ON l.id = h.lot
      WHERE h.held > 0 AND ($1::uuid IS NULL OR h.session_id = $1)`,
    [session],
    t,
  );
}

/** How a lot stands for a session. */
export async function balanceOf(lot: Lot, session: string | null, t: Transaction): Promise<Balance> {
  const rows = session
    ? await select<{ held: number }>('SELECT held FROM holds WHERE session_id = $1 AND lot = $2', [session, lot.id], t)
    : [];
  return { hand: lot.hand, held: lot.held, mine: rows[0]?.held ?? 0 };
}

/** The ledger, newest first: of a lot, of a session, or all of it; `before` an id for the next page. */
export function ledger(
  of: { readonly lot?: string; readonly session?: string; readonly before?: string },
  limit: number,
  t: Transaction,
): Promise<LedgerLine[]> {
  return select<LedgerLine>(
    `SELECT m.id, m.made_at, m.kind, m.lot, l.number, l.item, m.hand, m.held, m.session_id, s.title AS session, m.note, m.undoes,
            EXISTS (SELECT 1 FROM movements u WHERE u.undoes = m.id) AS undone
       FROM movements m JOIN lots l ON l.id = m.lot LEFT JOIN sessions s ON s.id = m.session_id
      WHERE ($1::uuid IS NULL OR m.lot = $1) AND ($2::uuid IS NULL OR m.session_id = $2) AND ($3::bigint IS NULL OR m.id < $3)
      ORDER BY m.id DESC LIMIT $4`,
    [of.lot ?? null, of.session ?? null, of.before ?? null, limit],
    t,
  );
}

export async function findMovement(id: string, t: Transaction): Promise<LedgerLine | null> {
  const rows = await select<LedgerLine>(
    `SELECT m.id, m.made_at, m.kind, m.lot, l.number, l.item, m.hand, m.held, m.session_id, NULL AS session, m.note, m.undoes,
            EXISTS (SELECT 1 FROM movements u WHERE u.undoes = m.id) AS undone
       FROM movements m JOIN lots l ON l.id = m.lot WHERE m.id = $1`,
    [id],
    t,
  );
  return rows[0] ?? null;
}

/** An order at the supplier. */
export interface Order {
  readonly id: string;
  readonly item: string;
  readonly packs: number;
  readonly pack: number;
  readonly price: number | null;
  readonly ordered_on: string;
  readonly due_on: string;
  readonly received: number;
  readonly cancelled: boolean;
  readonly note: string;
  readonly version: number;
}

export function openOrders(t: Transaction): Promise<Order[]> {
  return select<Order>(
    'SELECT * FROM orders WHERE received < packs AND NOT cancelled ORDER BY due_on, item, id',
    [],
    t,
  );
}

export async function findOrder(id: string, t: Transaction): Promise<Order | null> {
  return (await select<Order>('SELECT * FROM orders WHERE id = $1 FOR UPDATE', [id], t))[0] ?? null;
}

export async function insertOrder(
  order: Omit<Order, 'version' | 'received' | 'cancelled'>,
  t: Transaction,
): Promise<void> {
  await database().query(
    `INSERT INTO orders (id, item, packs, pack, price, ordered_on, due_on, note) VALUES ($1, $2, $3, $4, $5, $6, $7, $8)
     ON CONFLICT (id) DO NOTHING`,
    {
      bind: [order.id, order.item, order.packs, order.pack, order.price, order.ordered_on, order.due_on, order.note],
      transaction: t,
    },
  );
}

export async function updateOrder(
  id: string,
  changes: { readonly received: number; readonly cancelled: boolean; readonly due_on: string },
  t: Transaction,
): Promise<void> {
  await database().query(
    'UPDATE orders SET received = $2, cancelled = $3, due_on = $4, version = version + 1 WHERE id = $1',
    { bind: [id, changes.received, changes.cancelled, changes.due_on], transaction: t },
  );
}
