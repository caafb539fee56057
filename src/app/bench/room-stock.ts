import { cordItem } from '../../core/shelf';
import type { ShelfOffcut } from '../../core/rescue';
import { lotsOf } from '../../data/shelf/lots';
import { inTransaction } from '../../data/database/transaction';
import { planOf, viewSession } from '../session/session';

/** The offcuts on the shelf of the cords and colours that a session's pieces are in: what can be joined in. */
export function offcutsFor(session: string): Promise<ShelfOffcut[]> {
  return inTransaction(async (t) => {
    const { seats } = planOf(await viewSession(session, t));
    const used = new Map(
      seats.flatMap(({ plan }) =>
        (plan.piece?.cords ?? []).map(
          ({ cord, colour }) => [cordItem(cord.slug, colour), { cord: cord.slug, colour }] as const,
        ),
      ),
    );
    const lots = await lotsOf([...used.keys()], t);
    return lots.flatMap((lot) => {
      const free = lot.hand - lot.held;
      const of = used.get(lot.item);
      return of && lot.kind === 'offcut' && free > 0
        ? [{ ...of, label: `offcut ${lot.number}${lot.place ? `, ${lot.place}` : ''}`, mm: free }]
        : [];
    });
  });
}
