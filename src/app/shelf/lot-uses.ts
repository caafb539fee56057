import { stockFor } from '../../core/measure';
import { notFound } from '../../core/problem';
import { cutsByItem } from '../../core/layout';
import { pieceLengths, type PieceLength } from '../../core/seat';
import { cordOf } from '../../core/shelf';
import { findLot } from '../../data/shelf/lots';
import { inTransaction } from '../../data/database/transaction';
import { plannedAhead } from '../buying/outlook';

/** A length that somebody of a session ahead needs. */
export interface AheadLength {
  readonly session: string;
  readonly title: string;
  readonly on: string;
  readonly label: string;
  readonly mm: number;
}

/** What one length of cord is long enough for. */
export interface LotUses {
  readonly ahead: readonly AheadLength[];
  readonly pieces: readonly PieceLength[];
}

/** As many of each as one chooses from. */
const MOST = 12;

/** What a lot of cord is long enough for: cuts of the sessions ahead, and strands of the projects; longest first. */
export function lotUses(id: string): Promise<LotUses> {
  return inTransaction(async (t) => {
    const lot = await findLot(id, t);
    const cord = lot && cordOf(lot.item);
    if (!cord) throw notFound('length of cord');
    const { planned, studio } = await plannedAhead(t);
    const { figures } = studio.settings;
    const ahead = planned.flatMap(({ session, seats }) =>
      (cutsByItem(seats).get(lot.item) ?? []).map(({ label, mm }) => ({
        session: session.id,
        title: session.title,
        on: session.held_on,
        label,
        mm: stockFor([mm], figures.cut_loss),
      })),
    );
    const fits = ({ mm }: { readonly mm: number }): boolean => mm <= lot.hand;
    return {
      ahead: ahead
        .filter(fits)
        .sort((a, b) => b.mm - a.mm)
        .slice(0, MOST),
      pieces: pieceLengths(cord.cord, studio.catalogue, figures).filter(fits).reverse().slice(0, MOST),
    };
  });
}
