import type { Transaction } from 'sequelize';
import { holdsOf, insertMovements, type NewMovement } from '../../data/shelf/ledger';
import { lockLots, type Lot } from '../../data/shelf/lots';
import { keyFor } from '../studio/key-for';

/** How much a session holds of each lot. */
export async function heldBy(session: string, t: Transaction): Promise<Map<string, number>> {
  return new Map((await holdsOf(session, t)).map(({ lot, held }) => [lot, held]));
}

/** What of a lot a session may take: all that is free, and what it holds of it already. */
export const freeOf = (lot: Lot, mine: ReadonlyMap<string, number>): number =>
  lot.hand - lot.held + (mine.get(lot.id) ?? 0);

/** A movement of a session; `part` tells it from the others of the same request. */
export const sessionEntry = (
  session: string,
  key: string,
  part: string,
  kind: NewMovement['kind'],
  lot: string,
  hand: number,
  held: number,
): NewMovement => ({
  key: keyFor(key, part),
  kind,
  lot,
  hand,
  held,
  session_id: session,
  note: '',
  undoes: null,
});

/** Gives everything a session holds back to the shelf. */
export async function giveBack(session: string, key: string, t: Transaction): Promise<void> {
  await lockLots([...(await heldBy(session, t)).keys()], t);
  // Read again under the locks: only now nobody else can change them.
  const mine = await heldBy(session, t);
  await insertMovements(
    [...mine].map(([lot, held]) => sessionEntry(session, key, `release ${lot}`, 'release', lot, 0, -held)),
    t,
  );
}
