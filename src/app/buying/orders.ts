import { notFound, Problem, stale } from '../../core/problem';
import { kindOf } from '../../core/shelf';
import { bookedKeys } from '../../data/shelf/ledger';
import { readItems } from '../../data/shelf/items';
import { findOrder, insertOrder, updateOrder } from '../../data/shelf/orders';
import { inTransaction } from '../../data/database/transaction';
import { askedOnce } from '../studio/asked-once';
import { supplier } from '../devices';
import { today } from '../studio/clock';
import { keyFor } from '../studio/key-for';
import { shelfLines, type ShelfView } from '../shelf/shelf';
import { knowItems } from '../shelf/know-items';
import { receive } from '../shelf/receive';

/** Packs of an item to order; of the pack it is usually bought in where none is said. */
export interface OrderLine {
  readonly item: string;
  readonly pack?: number;
  readonly packs: number;
}

/** What came of an order: what each line could not be had as it was asked for, in words. */
export type Ordered = ShelfView & { readonly ordered: number; readonly notes: readonly string[] };

/**
 * Orders several items together, once under a key. What a supplier cannot send of one is said and keeps none of the others back;
 * only where nothing at all can be ordered is it refused.
 */
export async function placeOrders(key: string, lines: readonly OrderLine[]): Promise<Ordered> {
  await askedOnce(key, ['orders', lines]);
  return inTransaction(async (t) => {
    const here = new Set((await readItems(t)).map(({ doc }) => doc.id));
    await knowItems(
      lines.filter(({ item }) => !here.has(item)).map(({ item }) => ({ id: item })),
      t,
    );
    const known = new Map((await readItems(t)).map(({ doc }) => [doc.id, doc]));
    const [notes, refused]: [string[], string[]] = [[], []];
    for (const [i, { item, packs, ...given }] of lines.entries()) {
      const { name, pack: own } = known.get(item)!;
      const offers = supplier.offers(item);
      const wanted = given.pack ?? (offers.find((one) => one.pack === own) ?? offers[0])?.pack ?? 0;
      const answer = supplier.order(item, wanted, packs, today());
      if (!answer.ok) {
        refused.push(lines.length === 1 ? answer.fault : `${name}: ${answer.fault}`);
        continue;
      }
      const { packs: sent, due_on, note } = answer.value;
      const { price } = offers.find(({ pack }) => pack === wanted)!;
      const id = i === 0 ? key : keyFor(key, `order ${i}`);
      await insertOrder({ id, item, packs: sent, pack: wanted, price, ordered_on: today(), due_on, note }, t);
      if (sent < packs) notes.push(`${name}: ${note}`);
    }
    if (refused.length === lines.length)
      throw new Problem(422, 'no-supply', `It cannot be ordered: ${refused.join('; ')}.`, { pointer: '/lines/0/item' });
    return { ...(await shelfLines(t)), ordered: lines.length - refused.length, notes: [...refused, ...notes] };
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
