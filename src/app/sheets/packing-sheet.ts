import { consumableNeeds, consumablesOf } from '../../core/kit';
import { childrenOf, packingOf, type Packing, type SessionRecord, type Studio } from '../../core/session';
import type { Settings } from '../../core/studio';
import { readItems } from '../../data/shelf/items';
import { inTransaction } from '../../data/database/transaction';
import { planOf, viewSession } from '../session/session';

/** All that is packed for a session, as it is printed. */
export interface PackingSheet extends Packing {
  readonly session: SessionRecord;
  readonly settings: Settings;
  readonly studio: Studio;
  /** What is used up by it, of the consumables the studio counts out. */
  readonly used: readonly { readonly name: string; readonly count: number }[];
}

export function packingSheet(id: string): Promise<PackingSheet> {
  return inTransaction(async (t) => {
    const view = await viewSession(id, t);
    const { settings } = view.studio;
    const { seats, figures } = planOf(view);
    const items = (await readItems(t)).map(({ doc }) => doc);
    const used = consumableNeeds(
      seats.map(({ plan }) => plan),
      consumablesOf(items),
    );
    return {
      ...packingOf(seats, figures, childrenOf(view.seats, figures)),
      session: view.session,
      settings,
      studio: view.studio,
      used: used.map(({ item, amount }) => ({ name: items.find(({ id: own }) => own === item)!.name, count: amount })),
    };
  });
}
