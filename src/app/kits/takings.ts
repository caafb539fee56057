import type { Transaction } from 'sequelize';
import { Problem } from '../../core/problem';
import { takenBy, TO_BUY, type Layout } from '../../core/layout';
import { cordOf } from '../../core/shelf';
import { lockLots, lotsOf, type Lot } from '../../data/shelf/lots';
import { freeOf, heldBy } from '../shelf/holds';
import type { SessionView } from '../../core/session';
import { needsOf } from './session-needs';
import { notEnough } from '../shelf/move-lot';

/** What is taken of each lot: the layout's cords, and hardware from the fullest bag on. */
export function takings(
  layout: Layout,
  counts: readonly { readonly item: string; readonly amount: number }[],
  lots: readonly Lot[],
  mine: ReadonlyMap<string, number>,
  loss: number,
): { taken: Map<string, number>; missing: { item: string; short: number }[] } {
  const taken = new Map<string, number>();
  for (const lane of layout.flatMap((group) => group.lanes)) {
    if (lane.stock !== TO_BUY) taken.set(lane.stock, (taken.get(lane.stock) ?? 0) + takenBy(lane, loss));
  }
  const missing: { item: string; short: number }[] = [];
  for (const { item, amount } of counts) {
    let left = amount;
    for (const lot of lots.filter((candidate) => candidate.item === item)) {
      const take = Math.min(left, freeOf(lot, mine));
      if (take > 0) taken.set(lot.id, take);
      left -= take;
    }
    if (left > 0) missing.push({ item, short: left });
  }
  return { taken, missing };
}

/** Everything of the shelf that a session touches, locked: so that what is found free stays free until it is booked. */
export async function lockFor(id: string, view: SessionView, layout: Layout, t: Transaction) {
  const counts = (await needsOf(view, t)).filter((need) => !cordOf(need.item));
  const own = await heldBy(id, t);
  const wanted = [
    ...layout.flatMap((group) => group.lanes.map((lane) => lane.stock)).filter((stock) => stock !== TO_BUY),
    ...(
      await lotsOf(
        counts.map(({ item }) => item),
        t,
      )
    ).map((lot) => lot.id),
    ...own.keys(),
  ];
  const lots = (await lockLots([...new Set(wanted)], t)).sort((a, b) => b.hand - a.hand || a.number - b.number);
  // Read again under the locks: only now nobody else can change them.
  const mine = await heldBy(id, t);
  return { counts, lots, mine };
}

/** Refuses to take more of a lot than is free of it. */
export function checkTaken(
  taken: ReadonlyMap<string, number>,
  lots: readonly Lot[],
  mine: ReadonlyMap<string, number>,
): void {
  for (const [id, amount] of taken) {
    const lot = lots.find((candidate) => candidate.id === id);
    if (!lot) throw new Problem(409, 'gone', 'A lot of the plan is not on the shelf any more. Lay the cuts out again.');
    if (amount > freeOf(lot, mine)) throw notEnough(lot, amount, `${freeOf(lot, mine)} are free`);
  }
}
