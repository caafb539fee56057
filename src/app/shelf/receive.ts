import type { Transaction } from 'sequelize';
import type { Receipt } from '../../core/shelf';
import { inTransaction } from '../../data/database/transaction';
import { insertMovements } from '../../data/shelf/ledger';
import { insertLots } from '../../data/shelf/lots';
import { askedOnce } from '../studio/asked-once';
import { keyFor } from '../studio/key-for';
import { knowItems } from './know-items';
import { shelfLines, type ShelfView } from './shelf';

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
