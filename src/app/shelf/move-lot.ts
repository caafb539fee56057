import { notFound, Problem, stale } from '../../core/problem';
import { move, type LotLabel, type LotMove } from '../../core/shelf';
import { inTransaction } from '../../data/database/transaction';
import { balanceOf, bookedKeys, findMovement, insertMovements } from '../../data/shelf/ledger';
import { findLot, lockLots, lotsOf, updateLot, type Lot } from '../../data/shelf/lots';
import { lockStanding } from '../session/session';
import { askedOnce } from '../studio/asked-once';
import { shelfLines, type ItemView } from './shelf';

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
      if (!moved.ok) throw notEnough(lot, amount, moved.fault);
      await insertMovements([{ key, kind, lot: id, ...moved.value, session_id: null, note, undoes: null }], t);
    }
    const { lines } = await shelfLines(t);
    return { line: lines.find(({ doc }) => doc.id === lot.item)!, lots: await lotsOf([lot.item], t) };
  });
}

/** Changes what is written on a lot, not what is in it. */
export function relabelLot(id: string, { version, ...changes }: LotLabel): Promise<Lot> {
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
