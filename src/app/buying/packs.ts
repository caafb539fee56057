import type { Transaction } from 'sequelize';
import { readItems } from '../../data/shelf/items';
import { supplier } from '../devices';

/** How some items are bought: the pack and what one costs, as the studio says, else the supplier; nothing where nobody does. */
export interface Buying {
  readonly packs: ReadonlyMap<string, number>;
  readonly prices: ReadonlyMap<string, number>;
}

export async function buyingOf(items: readonly string[], t: Transaction): Promise<Buying> {
  const known = new Map((await readItems(t)).map(({ doc }) => [doc.id, doc]));
  const packs = new Map<string, number>();
  const prices = new Map<string, number>();
  for (const item of items) {
    const own = known.get(item);
    const [offer] = supplier.offers(item);
    const pack = own?.pack ?? offer?.pack;
    const price = own?.price ?? offer?.price;
    if (pack != null) packs.set(item, pack);
    if (price != null) prices.set(item, price);
  }
  return { packs, prices };
}
