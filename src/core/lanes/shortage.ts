import { isBetter, remnantOf, scoreOf, type Filled, type Instance } from './instance';

/** So many ways of leaving cuts out are all tried; where there are more, cuts are exchanged one by one. */
const MOST_WAYS = 400;

/** An instance with so many of each want alone, and a plan of it as one of the whole. */
function only(
  instance: Instance,
  counts: readonly number[],
): { part: Instance; whole: (filled: readonly Filled[]) => Filled[] } {
  const kept = counts.flatMap((count, want) => (count > 0 ? [want] : []));
  const wants = kept.map((want) => ({
    ...instance.wants[want]!,
    ids: instance.wants[want]!.ids.slice(0, counts[want]),
  }));
  const whole = (filled: readonly Filled[]): Filled[] =>
    filled.map((lane) => ({
      ...lane,
      counts: new Map([...lane.counts].map(([want, count]): [number, number] => [kept[want]!, count])),
    }));
  return { part: { ...instance, wants }, whole };
}

/** So many cuts, the shortest: where any so many can be placed, these can, each in the place of a longer one. */
function shortest({ wants }: Instance, many: number): number[] {
  let left = many;
  return wants
    .toReversed()
    .map(({ ids }) => {
      const taken = Math.min(left, ids.length);
      left -= taken;
      return taken;
    })
    .reverse();
}

/** Every way to take so many cuts; null where there are too many. */
function waysToTake({ wants }: Instance, many: number): number[][] | null {
  let ways: { counts: number[]; left: number }[] = [{ counts: [], left: many }];
  let after = wants.reduce((sum, { ids }) => sum + ids.length, 0);
  for (const { ids } of wants) {
    after -= ids.length;
    ways = ways.flatMap(({ counts, left }) =>
      Array.from({ length: Math.min(left, ids.length) + 1 }, (_, taken) => ({
        counts: [...counts, taken],
        left: left - taken,
      })).filter((way) => way.left <= after),
    );
    if (ways.length > MOST_WAYS) return null;
  }
  return ways.map(({ counts }) => counts);
}

/** A plan with one placed cut exchanged for one that was left out, where that scraps less; null where no exchange does. */
function exchanged(instance: Instance, filled: readonly Filled[]): Filled[] | null {
  const { wants } = instance;
  const placed = wants.map((_, want) => filled.reduce((sum, { counts }) => sum + (counts.get(want) ?? 0), 0));
  const score = scoreOf(instance, filled);
  for (const [i, lane] of filled.entries())
    for (const out of lane.counts.keys())
      for (const [into, want] of wants.entries()) {
        if (into === out || placed[into]! >= want.ids.length) continue;
        if (want.width - wants[out]!.width > remnantOf(instance, lane)) continue;
        const counts = new Map(lane.counts);
        counts.set(out, counts.get(out)! - 1);
        if (counts.get(out) === 0) counts.delete(out);
        counts.set(into, (counts.get(into) ?? 0) + 1);
        const changed = filled.with(i, { ...lane, counts });
        if (isBetter(scoreOf(instance, changed), score)) return changed;
      }
  return null;
}

/**
 * Where the stock does not do for every cut: as many as can be placed, and of the ways to leave the others out one that opens and scraps
 * least; every way where they are few, else by exchanging cuts.
 *
 * @param placed how many are placed by the best plan so far
 * @param solve the best plan for some of the cuts that there is time to find
 * @param running whether there is time left
 * @param offer told each plan
 */
export function leaveOut(
  instance: Instance,
  placed: number,
  solve: (part: Instance) => Filled[],
  running: () => boolean,
  offer: (filled: readonly Filled[]) => void,
): void {
  const all = instance.wants.reduce((sum, { ids }) => sum + ids.length, 0);
  const attempt = (counts: readonly number[]): Filled[] | null => {
    const { part, whole } = only(instance, counts);
    const filled = solve(part);
    return scoreOf(part, filled).unplaced === 0 ? whole(filled) : null;
  };
  let [many, best] = [placed, null as Filled[] | null];
  for (let more = placed; more < all && running(); more++) {
    const filled = attempt(shortest(instance, more));
    if (!filled && more > placed) break;
    if (filled) [many, best] = [more, filled];
  }
  if (best) offer(best);
  for (const counts of waysToTake(instance, many) ?? []) {
    if (!running()) return;
    const filled = attempt(counts);
    if (filled) offer(filled);
  }
  for (let next = best; next && running(); next = exchanged(instance, next)) offer(next);
}
