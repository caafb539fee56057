import { Problem } from '../../core/problem';
import { cutsByItem, layoutFault, TO_BUY } from '../../core/layout';
import { kitKeys } from '../../core/seat';
import type { Kits, SessionView } from '../../core/session';
import { cordOf } from '../../core/shelf';
import { bookedKeys, insertMovements, ledger } from '../../data/shelf/ledger';
import { lockLots } from '../../data/shelf/lots';
import { readItems } from '../../data/shelf/items';
import { inTransaction } from '../../data/database/transaction';
import { askedOnce } from '../studio/asked-once';
import { today } from '../studio/clock';
import { sessionEntry } from '../shelf/holds';
import { changeSession, lockStanding, planOf, viewSession } from '../session/session';
import { keyFor } from '../studio/key-for';
import { nameOf } from '../shelf/item-names';
import { checkTaken, lockFor, takings } from './takings';

/**
 * Issues a whole session to its kits, in one transaction: every cord as it is laid out, the hardware with its spares; a remnant
 * too short to keep goes to waste. Either all of it is booked or nothing.
 */
export async function issueKits(id: string, version: number, key: string): Promise<SessionView> {
  await askedOnce(key, ['issue', id]);
  return inTransaction(async (t) => {
    await lockStanding(id, t);
    const view = await viewSession(id, t);
    if ((await bookedKeys([keyFor(key, 'first')], t)).size > 0 || view.session.kits?.issued) return view;
    const layout = view.session.lanes;
    if (!layout) throw new Problem(409, 'not-laid-out', 'Lay the cuts out and reserve them first.');
    const { seats, figures } = planOf(view);
    const fault = layoutFault(layout, cutsByItem(seats));
    if (fault)
      throw new Problem(409, 'stale', `The cuts changed since they were laid out: ${fault}. Lay them out again.`);
    if (layout.some((group) => group.lanes.some((lane) => lane.stock === TO_BUY)))
      throw new Problem(
        409,
        'to-buy',
        'Some of the cord has still to be bought. Receive it, then lay the cuts out again.',
      );
    const { counts, lots, mine } = await lockFor(id, view, layout, t);
    const { taken, missing } = takings(layout, counts, lots, mine, figures.cut_loss);
    if (missing.length > 0) {
      const known = new Map((await readItems(t)).map(({ doc }) => [doc.id, doc.name]));
      const name = (item: string) => known.get(item) ?? nameOf(item, view.studio.catalogue) ?? item;
      const words = missing.map(({ item, short }) => `${short} × ${name(item)}`);
      throw new Problem(
        409,
        'short',
        `Not on the shelf: ${words.join(', ')}. Receive them first, or change the seats.`,
      );
    }
    checkTaken(taken, lots, mine);
    const movements = [...taken].map(([lot, amount], i) =>
      sessionEntry(
        id,
        key,
        i === 0 ? 'first' : `issue ${lot}`,
        'issue',
        lot,
        -amount,
        -Math.min(amount, mine.get(lot) ?? 0),
      ),
    );
    // What was held and is not taken after all goes back.
    for (const [lot, held] of mine)
      if (held > (taken.get(lot) ?? 0))
        movements.push(sessionEntry(id, key, `spare ${lot}`, 'release', lot, 0, (taken.get(lot) ?? 0) - held));
    for (const lot of lots) {
      const rest = lot.hand - (taken.get(lot.id) ?? 0);
      const others = lot.held - (mine.get(lot.id) ?? 0);
      if (cordOf(lot.item) && taken.has(lot.id) && rest > 0 && rest < figures.keep && others === 0)
        movements.push({
          ...sessionEntry(id, key, `scrap ${lot.id}`, 'waste', lot.id, -rest, 0),
          note: 'too short to keep',
        });
    }
    await insertMovements(movements, t);
    const items: Record<string, number> = {};
    for (const [lot, amount] of taken) {
      const { item } = lots.find((candidate) => candidate.id === lot)!;
      items[item] = (items[item] ?? 0) + amount;
    }
    const kits: Kits = {
      ticks: view.session.kits?.ticks ?? [],
      issued: { on: today(), cuts: kitKeys(seats), items },
    };
    await changeSession(id, version, { kits }, t);
    return viewSession(id, t);
  });
}

/** Takes a session's issue back: a counter-entry for each of its movements, and what was reserved is reserved again. */
export async function takeBackKits(id: string, version: number, key: string): Promise<SessionView> {
  await askedOnce(key, ['take back', id]);
  return inTransaction(async (t) => {
    await lockStanding(id, t);
    const view = await viewSession(id, t);
    const issued = view.session.kits?.issued;
    if (!issued) return view;
    const lines = await ledger({ session: id }, 5000, t);
    if (lines.some((line) => line.kind === 'return' && !line.undone))
      throw new Problem(409, 'returned', 'Leftovers of these kits were returned already; undo those returns first.');
    // All that one issue booked was booked in one transaction, at one moment; a release of an earlier reserving was not.
    const at = lines.find((line) => line.kind === 'issue' && !line.undone)?.made_at;
    // What somebody took back by hand meanwhile is back already.
    const since = lines.filter(
      (line) =>
        at !== undefined &&
        Number(new Date(line.made_at)) === Number(new Date(at)) &&
        line.kind !== 'undo' &&
        !line.undone,
    );
    await lockLots(
      since.map((line) => line.lot),
      t,
    );
    await insertMovements(
      since.map((line) => ({
        ...sessionEntry(id, key, `back ${line.id}`, 'undo', line.lot, -line.hand, -line.held),
        undoes: line.id,
      })),
      t,
    );
    await changeSession(id, version, { kits: { ticks: view.session.kits!.ticks, issued: null } }, t);
    return viewSession(id, t);
  });
}

/** Notes which lines of the packing list are done. */
export function tickKits(id: string, version: number, ticks: string[]): Promise<SessionView> {
  return inTransaction(async (t) => {
    const { session } = await viewSession(id, t);
    await changeSession(id, version, { kits: { issued: session.kits?.issued ?? null, ticks } }, t);
    return viewSession(id, t);
  });
}
