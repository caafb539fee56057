import type { Offer } from '../device';
import { daysAfter, wordOrder } from '../region';
import { packsFor } from './outlook';

/** What has to be bought of an item: a number, or lengths of cord that each come from one pack. */
export interface Missing {
  readonly short: number;
  readonly missing: readonly number[];
}

/** A way to buy all that is missing: so many packs of an offer, what they cost, and when they come if they are ordered today. */
export interface Way extends Offer {
  readonly needed: number;
  readonly cost: number;
  readonly comes_on: string;
}

/**
 * The ways to buy what is missing, in the order of the offers. A pack too short for a length, or fewer packs in stock than it takes,
 * is no way.
 *
 * @example
 * waysToBuy({ short: 30, missing: [] }, [{ supplier: 'S', pack: 20, price: 300, lead_days: 4, packs: 9 }], '2030-05-01').map(({ needed, cost, comes_on }) => [needed, cost, comes_on]) // [[2, 600, '2030-05-05']]
 */
export function waysToBuy({ short, missing }: Missing, offers: readonly Offer[], today: string): Way[] {
  if (short === 0) return [];
  return offers.flatMap((offer): Way[] => {
    const needed = missing.length > 0 ? packsFor(missing, offer.pack) : Math.ceil(short / offer.pack);
    if (needed === null || needed > offer.packs) return [];
    return [{ ...offer, needed, cost: needed * offer.price, comes_on: daysAfter(today, offer.lead_days) }];
  });
}

/** What is bought of an item, by one of its ways. */
export interface Bought {
  readonly item: string;
  readonly way: Way;
}

/** Items bought together: of one supplier, and sent as quickly. */
export interface OrderGroup<Line extends Bought> {
  readonly supplier: string;
  readonly lead_days: number;
  readonly comes_on: string;
  readonly lines: readonly Line[];
  readonly cost: number;
}

/**
 * What is bought, by supplier and by how long it takes, the quickest first.
 *
 * @example
 * orderGroups([{ item: 'tool/awl', way: { supplier: 'S', pack: 1, price: 300, lead_days: 4, packs: 9, needed: 2, cost: 600, comes_on: '2030-05-05' } }])[0].cost // 600
 */
export function orderGroups<Line extends Bought>(lines: readonly Line[]): OrderGroup<Line>[] {
  const groups = new Map<string, Line[]>();
  for (const line of lines) {
    const key = `${line.way.supplier} ${line.way.lead_days}`;
    groups.set(key, [...(groups.get(key) ?? []), line]);
  }
  return [...groups.values()]
    .map((own) => ({
      supplier: own[0]!.way.supplier,
      lead_days: own[0]!.way.lead_days,
      comes_on: own[0]!.way.comes_on,
      lines: own,
      cost: own.reduce((sum, { way }) => sum + way.cost, 0),
    }))
    .sort((a, b) => wordOrder(a.supplier, b.supplier) || a.lead_days - b.lead_days);
}

/**
 * The way an item is bought unless another is chosen: as it usually is, where it comes in time; else the cheapest that does; else
 * the one that comes soonest.
 *
 * @param usual the pack it is usually bought in
 * @param by the day it is needed
 *
 * @example
 * usualWay([], 20, '2030-05-09') // undefined
 */
export function usualWay(ways: readonly Way[], usual: number | null, by: string): Way | undefined {
  const inTime = ways.filter(({ comes_on }) => comes_on <= by);
  return (
    inTime.find(({ pack }) => pack === usual) ??
    [...inTime].sort((a, b) => a.cost - b.cost)[0] ??
    [...ways].sort((a, b) => wordOrder(a.comes_on, b.comes_on) || a.cost - b.cost)[0]
  );
}
