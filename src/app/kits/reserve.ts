import { Problem } from '../../core/problem';
import { cutsByItem, layoutFault, stockFault, type Layout } from '../../core/layout';
import type { StoredSession } from '../../data/sessions';
import { insertMovements } from '../../data/shelf/ledger';
import { inTransaction } from '../../data/database/transaction';
import { askedOnce } from '../studio/asked-once';
import { freeOf, giveBack, sessionEntry } from '../shelf/holds';
import { buyingOf } from '../buying/packs';
import { changeSession, lockStanding, planOf, viewSession } from '../session/session';
import type { SessionView } from '../../core/session';
import { knowItems } from '../shelf/know-items';
import { checkTaken, lockFor, takings } from './takings';

/** What was issued was taken by the layout that is kept: it stands until the issue is taken back. */
function refuseIssued({ kits }: StoredSession): void {
  if (kits?.issued) throw new Problem(409, 'issued', 'The kits are issued: what was taken stands in the ledger.');
}

/**
 * Keeps a session's layout and reserves what it takes, in place of what was reserved before. What has to be bought is kept in the
 * layout and reserved when it is there.
 */
export async function reserveSession(id: string, version: number, key: string, given: Layout): Promise<SessionView> {
  await askedOnce(key, ['reserve', id, given]);
  return inTransaction(async (t) => {
    refuseIssued(await lockStanding(id, t));
    const view = await viewSession(id, t);
    const {
      seats,
      figures: { cut_loss },
    } = planOf(view);
    const fault = layoutFault(given, cutsByItem(seats));
    if (fault)
      throw new Problem(409, 'stale', `The plan is not of the cuts as they are now: ${fault}. Lay them out again.`);
    await knowItems(
      given.map((group) => ({ id: group.item })),
      t,
    );
    const { counts, lots, mine } = await lockFor(id, view, given, t);
    const free = lots.map((lot) => ({ ...lot, mm: freeOf(lot, mine) }));
    const { packs } = await buyingOf(
      given.map((group) => group.item),
      t,
    );
    const wrong = stockFault(given, free, (item) => packs.get(item) ?? null, cut_loss);
    if (wrong) throw new Problem(409, 'stale', `The plan does not fit the shelf: ${wrong}. Lay the cuts out again.`);
    // What a lane is long is what is free of its lot now, whatever the page saw.
    const lengths = new Map(free.map((lot) => [lot.id, lot.mm]));
    const layout = given.map((group) => ({
      ...group,
      lanes: group.lanes.map((lane) => ({ ...lane, length_mm: lengths.get(lane.stock) ?? lane.length_mm })),
    }));
    const { taken } = takings(layout, counts, lots, mine, cut_loss);
    checkTaken(taken, lots, mine);
    const changes = [...new Set([...mine.keys(), ...taken.keys()])]
      .map((lot) => ({ lot, more: (taken.get(lot) ?? 0) - (mine.get(lot) ?? 0) }))
      .filter(({ more }) => more !== 0);
    await insertMovements(
      changes.map(({ lot, more }) =>
        sessionEntry(id, key, `hold ${lot}`, more > 0 ? 'reserve' : 'release', lot, 0, more),
      ),
      t,
    );
    await changeSession(id, version, { lanes: layout }, t);
    return viewSession(id, t);
  });
}

/** Gives everything a session holds back to the shelf. */
export async function releaseSession(id: string, version: number, key: string): Promise<SessionView> {
  await askedOnce(key, ['release', id]);
  return inTransaction(async (t) => {
    refuseIssued(await lockStanding(id, t));
    await giveBack(id, key, t);
    await changeSession(id, version, { lanes: null }, t);
    return viewSession(id, t);
  });
}
