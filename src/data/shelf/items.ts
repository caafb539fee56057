import type { Transaction } from 'sequelize';
import type { Item } from '../../core/shelf';
import { document, listOf, number, text, type RowOf } from '../database/columns';
import { run, select, selectOne, touched } from '../database/query';

/** An item with the version two people's edits are checked against. */
const ITEM = { doc: document<Item>(), version: number() };
export type StoredItem = RowOf<typeof ITEM>;

export const readItems = (t: Transaction): Promise<StoredItem[]> => select(ITEM, 'FROM items ORDER BY id', [], t);

export const findItem = (id: string, t: Transaction): Promise<StoredItem | null> =>
  selectOne(ITEM, 'FROM items WHERE id = $1', [id], t);

/** Adds items that are not there yet; those that are stay as the studio has them. */
export async function insertItems(items: readonly Item[], t: Transaction): Promise<void> {
  if (items.length === 0) return;
  // In one order, so that no two wait for each other.
  const sorted = [...items].sort((a, b) => (a.id < b.id ? -1 : 1));
  await run(
    `INSERT INTO items (id, doc) SELECT doc->>'id', doc FROM jsonb_array_elements($1::jsonb) AS doc ON CONFLICT DO NOTHING`,
    [JSON.stringify(sorted)],
    t,
  );
}

/** Changes an item if it still has this version; false when it has not. */
export async function updateItem(item: Item, version: number, t: Transaction): Promise<boolean> {
  const count = await touched(
    'UPDATE items SET doc = $2::jsonb, version = version + 1 WHERE id = $1 AND version = $3',
    [item.id, JSON.stringify(item), version],
    t,
  );
  return count === 1;
}

/** How much of each item is on the shelf, reserved and in how many lots. */
const TOTAL = {
  item: text(),
  hand: number('sum(hand)::float8'),
  held: number('sum(held)::float8'),
  lots: number('count(*)::int'),
};
export type ItemTotal = RowOf<typeof TOTAL>;

export const itemTotals = (t: Transaction): Promise<ItemTotal[]> =>
  select(TOTAL, 'FROM lots WHERE hand > 0 GROUP BY item ORDER BY item', [], t);

/** How some items stand, each with what is free of every lot of it. */
const STANDING = {
  item: text(),
  hand: number('sum(hand)::float8'),
  held: number('sum(held)::float8'),
  free: listOf(number('array_agg(hand - held)')),
};
export type ItemStanding = RowOf<typeof STANDING>;

export const standingOf = (items: readonly string[], t: Transaction): Promise<ItemStanding[]> =>
  select(STANDING, 'FROM lots WHERE item = ANY($1::text[]) AND hand > 0 GROUP BY item', [[...items]], t);
