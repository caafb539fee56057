import { notFound } from '../../core/problem';
import { cordItem } from '../../core/shelf';
import { lotsOf } from '../../data/shelf/lots';
import { inTransaction } from '../../data/database/transaction';
import { freeOf, heldBy } from './holds';
import { viewSession } from '../session/session';

/** What a session may cut of a cord: the lengths of every piece, by colour. */
export function freePieces(id: string, cord: string): Promise<Record<string, number[]>> {
  return inTransaction(async (t) => {
    const { cords } = (await viewSession(id, t)).studio.catalogue;
    if (!Object.hasOwn(cords, cord)) throw notFound('cord');
    const colours = cords[cord]!.colours.map((colour) => colour.slug);
    const mine = await heldBy(id, t);
    const lots = await lotsOf(
      colours.map((colour) => cordItem(cord, colour)),
      t,
    );
    return Object.fromEntries(
      colours.map((colour) => [
        colour,
        lots
          .filter((lot) => lot.item === cordItem(cord, colour))
          .map((lot) => freeOf(lot, mine))
          .filter((mm) => mm > 0),
      ]),
    );
  });
}
