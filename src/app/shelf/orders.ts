import { notFound, Problem, stale } from '../../core/problem';
import { kindOf } from '../../core/shelf';
import { bookedKeys } from '../../data/shelf/ledger';
import { findOrder, insertOrder, updateOrder } from '../../data/shelf/orders';
import { inTransaction } from '../../data/database/transaction';
import { askedOnce } from '../studio/asked-once';
import { supplier } from '../devices';
import { today } from '../studio/clock';
import { keyFor } from '../studio/key-for';
import { shelfLines, type ShelfView } from './shelf';
import { knowItems } from './know-items';
import { receive } from './receive';

/** Orders packs of an item, once under a key; what the supplier cannot send of it is said. */
export async function placeOrder(
  key: string,
  item: string,
  packs: number,
): Promise<ShelfView & { readonly note: string }> {
  await askedOnce(key, ['order', item, packs]);
  return inTransaction(async (t) => {
    await knowItems([{ id: item }], t);
    const answer = supplier.order(item, packs, today());
    if (!answer.ok) throw new Problem(422, 'no-supply', `It cannot be ordered: ${answer.fault}.`, { pointer: '/item' });
    const { pack, price } = supplier.offer(item)!;
    const { packs: sent, due_on, note } = answer.value;
    await insertOrder({ id: key, item, packs: sent, pack, price, ordered_on: today(), due_on, note }, t);
    return { ...(await shelfLines(t)), note };
  });
}

/** Takes in a delivery, or part of one: each pack of cord is a lot of its own, pieces come in one bag. */
export async function receiveOrder(id: string, key: string, packs: number, place: string): Promise<ShelfView> {
  await askedOnce(key, ['deliver', id, packs, place]);
  return inTransaction(async (t) => {
    const order = await findOrder(id, t);
    if (!order) throw notFound('order');
    if ((await bookedKeys([keyFor(key, 'receive 0')], t)).size > 0) return shelfLines(t);
    if (order.cancelled) throw new Problem(409, 'cancelled', 'This order was cancelled.');
    const left = order.packs - order.received;
    if (packs > left)
      throw new Problem(422, 'too-many', `${left} of ${order.packs} packs are still to come, not ${packs}.`, {
        pointer: '/packs',
      });
    const cord = kindOf(order.item) === 'cord';
    const lot = { kind: cord ? ('pack' as const) : ('bag' as const), place, tare: null };
    const lots = cord
      ? Array.from({ length: packs }, () => ({ ...lot, amount: order.pack }))
      : [{ ...lot, amount: order.pack * packs }];
    await receive(key, { item: order.item, lots, note: 'delivery' }, t);
    const { due_on, cancelled, received } = order;
    await updateOrder(id, { due_on, cancelled, received: received + packs }, t);
    return shelfLines(t);
  });
}

/** Cancels what has not come of an order. */
export function cancelOrder(id: string, version: number): Promise<ShelfView> {
  return inTransaction(async (t) => {
    const order = await findOrder(id, t);
    if (!order) throw notFound('order');
    if (order.cancelled) return shelfLines(t);
    if (order.version !== version) throw stale('order', order);
    await updateOrder(id, { received: order.received, due_on: order.due_on, cancelled: true }, t);
    return shelfLines(t);
  });
}
