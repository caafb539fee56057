import type { Cut } from '../cut';
import { cordItem, hardwareItem, kindOf, type Item } from '../shelf';
import { stockFor, wholeMm } from '../measure';
import type { Figures } from '../studio';
import type { KitItem } from './kit';

/** What a kit reckons with of a seat's plan. */
export interface KitPlan {
  readonly cut?: { readonly cuts: readonly Cut[] };
  readonly items: readonly KitItem[];
  readonly tools: readonly string[];
}

/** What a session needs of one item: lengths of cord with their loss, or a number of pieces with spares. */
export interface ItemNeed {
  readonly item: string;
  readonly amount: number;
  readonly lengths: readonly number[];
}

/** Something used up by kits, and how many seats one of it is enough for. */
export interface Consumable {
  readonly item: string;
  readonly seats: number;
}

/**
 * Of a shelf's items, the consumables that the studio says how far they go.
 *
 * @example
 * consumablesOf([{ ...newItem('consumable/bags', 'Bags'), seats: 1 }]) // [{ item: 'consumable/bags', seats: 1 }]
 */
export const consumablesOf = (items: readonly Item[]): Consumable[] =>
  items.flatMap(({ id, seats }) => (kindOf(id) === 'consumable' && seats !== undefined ? [{ item: id, seats }] : []));

/**
 * Spares by rule: a share of what is needed, rounded up, and never less than one.
 *
 * @example
 * sparesOf(12, figures) // 1
 */
export const sparesOf = (count: number, figures: Figures): number => Math.max(1, Math.ceil(count * figures.spares));

/**
 * What a session uses up of the consumables: whole ones, for all who have a piece.
 *
 * @example
 * consumableNeeds([plan, plan], [{ item: 'consumable/bags', seats: 1 }]) // [{ item: 'consumable/bags', amount: 2, lengths: [] }]
 */
export function consumableNeeds(plans: readonly KitPlan[], consumables: readonly Consumable[]): ItemNeed[] {
  const kits = plans.filter(({ cut }) => cut).length;
  return kits === 0
    ? []
    : consumables.map(({ item, seats }) => ({ item, amount: Math.ceil(kits / seats), lengths: [] }));
}

/**
 * Everything the seats of a session take from the shelf, by item: cords by length, hardware with its spares, and the
 * consumables that the studio counts out.
 *
 * @example
 * sessionNeeds([plan, plan], figures, []).map(({ item }) => item) // ['cord/sheathed-4/race', 'hardware/buckle-15']
 */
export function sessionNeeds(
  plans: readonly KitPlan[],
  figures: Figures,
  consumables: readonly Consumable[],
): ItemNeed[] {
  const lengths = new Map<string, number[]>();
  const counts = new Map<string, number>();
  for (const { cut, items } of plans) {
    for (const { cord, colour, pieces, length_mm } of cut?.cuts ?? []) {
      const item = cordItem(cord, colour);
      const all = lengths.get(item) ?? [];
      for (let i = 0; i < pieces; i++) all.push(wholeMm(length_mm));
      lengths.set(item, all);
    }
    for (const { item, count } of items) counts.set(hardwareItem(item), (counts.get(hardwareItem(item)) ?? 0) + count);
  }
  return [
    ...[...lengths].map(([item, all]) => ({
      item,
      amount: stockFor(all, figures.cut_loss),
      lengths: all.map((mm) => mm + figures.cut_loss),
    })),
    ...[...counts].map(([item, count]) => ({ item, amount: count + sparesOf(count, figures), lengths: [] })),
    ...consumableNeeds(plans, consumables),
  ];
}
