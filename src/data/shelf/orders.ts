import type { Transaction } from 'sequelize';
import { number, orNull, text, truth, type RowOf } from '../database/columns';
import { run, select, selectOne } from '../database/query';

const ORDER = {
  id: text(),
  item: text(),
  packs: number(),
  pack: number(),
  price: orNull(number()),
  ordered_on: text(),
  due_on: text(),
  received: number(),
  cancelled: truth(),
  note: text(),
  version: number(),
};
/** An order at the supplier. */
export type Order = RowOf<typeof ORDER>;

export const openOrders = (t: Transaction): Promise<Order[]> =>
  select(ORDER, 'FROM orders WHERE received < packs AND NOT cancelled ORDER BY due_on, item, id', [], t);

/** An order, held until the transaction ends. */
export const findOrder = (id: string, t: Transaction): Promise<Order | null> =>
  selectOne(ORDER, 'FROM orders WHERE id = $1 FOR UPDATE', [id], t);

export const insertOrder = (order: Omit<Order, 'version' | 'received' | 'cancelled'>, t: Transaction): Promise<void> =>
  run(
    `INSERT INTO orders (id, item, packs, pack, price, ordered_on, due_on, note) VALUES ($1, $2, $3, $4, $5, $6, $7, $8)
     ON CONFLICT (id) DO NOTHING`,
    [order.id, order.item, order.packs, order.pack, order.price, order.ordered_on, order.due_on, order.note],
    t,
  );

export const updateOrder = (
  id: string,
  changes: { readonly received: number; readonly cancelled: boolean; readonly due_on: string },
  t: Transaction,
): Promise<void> =>
  run(
    'UPDATE orders SET received = $2, cancelled = $3, due_on = $4, version = version + 1 WHERE id = $1',
    [id, changes.received, changes.cancelled, changes.due_on],
    t,
  );
