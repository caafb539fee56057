import { wholeMm } from '../measure';
import { cordItem, hardwareItem } from '../shelf';
import type { Figures } from '../studio';
import type { Consumable, KitPlan } from './needs';

/** What an item costs a unit (mm or piece), minor units of currency; absent where nobody knows. */
export type UnitPrices = Readonly<Record<string, number>>;

/** What a kit costs by what is known, and what of it has no price. */
export interface KitCost {
  readonly minor: number;
  readonly unknown: readonly string[];
}

/**
 * The cost of one seat's kit: its cords with the loss of each cut, its hardware, and its share of each consumable; nothing is
 * guessed for what has no price.
 *
 * @example
 * kitCost({ items: [{ item: 'buckle-15', count: 1 }], tools: [] }, { 'hardware/buckle-15': 25 }, figures, []) // { minor: 25, unknown: [] }
 */
export function kitCost(
  { cut, items }: KitPlan,
  prices: UnitPrices,
  figures: Figures,
  consumables: readonly Consumable[],
): KitCost {
  const unknown = new Set<string>();
  let minor = 0;
  const add = (item: string, amount: number): void => {
    const price = prices[item];
    if (price === undefined) unknown.add(item);
    else minor += amount * price;
  };
  for (const { cord, colour, pieces, length_mm } of cut?.cuts ?? [])
    add(cordItem(cord, colour), pieces * (wholeMm(length_mm) + figures.cut_loss));
  for (const { item, count } of items) add(hardwareItem(item), count);
  if (cut) for (const { item, seats } of consumables) add(item, 1 / seats);
  return { minor, unknown: [...unknown] };
}

/**
 * The cost of several kits together.
 *
 * @example
 * totalCost([{ minor: 250, unknown: [] }, { minor: 90, unknown: ['hardware/split-ring-25'] }]) // { minor: 340, unknown: ['hardware/split-ring-25'] }
 */
export function totalCost(costs: readonly KitCost[]): KitCost {
  return {
    minor: costs.reduce((sum, cost) => sum + cost.minor, 0),
    unknown: [...new Set(costs.flatMap((cost) => cost.unknown))],
  };
}
