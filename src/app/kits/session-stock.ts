import { consumablesOf, type Consumable } from '../../core/kit';
import type { CuttableLot } from '../../core/layout';
import { kindOf } from '../../core/shelf';
import { lotsOf } from '../../data/shelf/lots';
import { inTransaction } from '../../data/database/transaction';
import { freeOf, heldBy } from '../shelf/holds';
import { buyingOf } from '../buying/packs';
import { viewSession } from '../session/session';
import { needsOf } from './session-needs';
import { shelfLines } from '../shelf/shelf';

/** What the shelf has for a session: the lots of each item it needs, with what is free for it. */
export interface SessionStock {
  readonly lots: Readonly<Record<string, readonly CuttableLot[]>>;
  /** The pack each is bought in, where the studio or the supplier says, and what one costs. */
  readonly packs: Readonly<Record<string, number>>;
  readonly prices: Readonly<Record<string, number>>;
  readonly consumables: readonly Consumable[];
  /** What things are called that the catalogue does not name. */
  readonly names: Readonly<Record<string, string>>;
  /** How many there are of each tool the shelf knows. */
  readonly tools: Readonly<Record<string, number>>;
}

export function sessionStock(id: string): Promise<SessionStock> {
  return inTransaction(async (t) => {
    const ids = (await needsOf(await viewSession(id, t), t)).map((need) => need.item);
    const mine = await heldBy(id, t);
    const lots: Record<string, CuttableLot[]> = Object.fromEntries(ids.map((item) => [item, []]));
    for (const lot of await lotsOf(ids, t)) {
      const mm = freeOf(lot, mine);
      const { id, number, kind, place, fresh } = lot;
      if (mm > 0) lots[lot.item]!.push({ id, number, kind, place, mm, fresh });
    }
    const { lines } = await shelfLines(t);
    const known = new Map(lines.map(({ doc }) => [doc.id, doc]));
    const consumables = consumablesOf(lines.map(({ doc }) => doc));
    const { packs, prices } = await buyingOf(ids, t);
    return {
      lots,
      packs: Object.fromEntries(packs),
      prices: Object.fromEntries(prices),
      consumables,
      names: Object.fromEntries(consumables.map(({ item }) => [item, known.get(item)!.name])),
      tools: Object.fromEntries(
        lines.filter(({ doc }) => kindOf(doc.id) === 'tool').map(({ doc, hand }) => [doc.id, hand]),
      ),
    };
  });
}
