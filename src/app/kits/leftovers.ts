import { Problem } from '../../core/problem';
import { cordOf, type Leftover } from '../../core/shelf';
import { bookedKeys, insertMovements, ledger } from '../../data/shelf/ledger';
import { insertLots } from '../../data/shelf/lots';
import { inTransaction } from '../../data/database/transaction';
import { askedOnce } from '../studio/asked-once';
import { sessionEntry } from '../shelf/holds';
import { changeSession, lockStanding, viewSession } from '../session/session';
import { UNWRAPPED, type SessionView } from '../../core/session';
import { today } from '../studio/clock';
import { keyFor } from '../studio/key-for';

/**
 * Puts leftovers back: cord as offcuts, hardware into the lot it came from. Never more than was issued; none at all is an answer too. What
 * the session was issued is accounted for with it.
 */
export async function returnLeftovers(id: string, key: string, leftovers: readonly Leftover[]): Promise<SessionView> {
  await askedOnce(key, ['return', id, leftovers]);
  return inTransaction(async (t) => {
    await lockStanding(id, t);
    const lines = await ledger({ session: id }, 5000, t);
    const out = new Map<string, number>();
    for (const line of lines)
      if ((line.kind === 'issue' || line.kind === 'return') && !line.undone)
        out.set(line.item, (out.get(line.item) ?? 0) - line.hand);
    const view = await viewSession(id, t);
    const { keep } = view.studio.settings.figures;
    for (const [i, { item, amounts }] of leftovers.entries()) {
      const total = amounts.reduce((sum, amount) => sum + amount, 0);
      const pointer = { pointer: `/leftovers/${i}/amounts` };
      if ((await bookedKeys([keyFor(key, `back ${i} 0`)], t)).size > 0) continue;
      if (total > (out.get(item) ?? 0))
        throw new Problem(422, 'too-much', `More than was issued: ${total} of ${out.get(item) ?? 0}.`, pointer);
      out.set(item, (out.get(item) ?? 0) - total);
      const short = amounts.find((amount) => cordOf(item) && amount < keep);
      if (short !== undefined)
        throw new Problem(
          422,
          'scrap',
          `${short} mm is shorter than the ${keep} mm worth keeping: leave it out.`,
          pointer,
        );
      const from = lines.find((line) => line.item === item && line.kind === 'issue')!.lot;
      const lots = amounts.map((_, n) => (cordOf(item) ? keyFor(key, `offcut ${i} ${n}`) : from));
      if (cordOf(item))
        await insertLots(
          lots.map((lot) => ({ id: lot, item, kind: 'offcut', place: '', tare: null })),
          t,
        );
      await insertMovements(
        amounts.map((amount, n) => sessionEntry(id, key, `back ${i} ${n}`, 'return', lots[n]!, amount, 0)),
        t,
      );
    }
    const { session } = await viewSession(id, t);
    const wrap = { ...(session.wrap ?? UNWRAPPED), returned_on: session.wrap?.returned_on ?? today() };
    await changeSession(id, session.version, { wrap }, t);
    return viewSession(id, t);
  });
}
