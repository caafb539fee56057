import { expect } from 'vitest';
import type { LanesPlan, LanesProblem } from '../../../src/core/lanes';

/**
 * Checks a plan against its problem from scratch, sharing nothing with the solver: every cut exactly once or unplaced, no piece of
 * stock used oftener than there is, nothing over a piece's length, and every total as its own sum.
 */
export function expectValid(problem: LanesProblem, plan: LanesPlan): void {
  const lengthOf = new Map(problem.cuts.map((cut) => [cut.id, cut.length_mm]));
  const stockOf = new Map(problem.stock.map((piece) => [piece.id, piece]));
  const wanted = new Map(problem.cuts.map((cut) => [cut.id, cut.count ?? 1]));
  const opened = new Map<string, number>();
  let fresh = 0;
  let scrap = 0;
  for (const lane of plan.lanes) {
    const piece = stockOf.get(lane.stock)!;
    expect(piece, `stock ${lane.stock}`).toBeDefined();
    opened.set(lane.stock, (opened.get(lane.stock) ?? 0) + 1);
    expect(lane.cuts.length).toBeGreaterThan(0);
    const lengths = lane.cuts.map((id) => lengthOf.get(id)!);
    expect(lengths).toEqual([...lengths].sort((a, b) => b - a));
    const rest = piece.length_mm - lengths.reduce((sum, mm) => sum + mm + problem.loss_mm, 0);
    expect(rest).toBeGreaterThan(-1e-6);
    expect(lane.remnant_mm).toBeCloseTo(rest, 4);
    if (piece.fresh) fresh += piece.length_mm;
    if (rest < problem.keep_mm) scrap += rest;
    for (const id of lane.cuts) wanted.set(id, wanted.get(id)! - 1);
  }
  for (const id of plan.unplaced) wanted.set(id, wanted.get(id)! - 1);
  expect([...wanted.values()].every((left) => left === 0)).toBe(true);
  for (const [id, times] of opened) expect(times).toBeLessThanOrEqual(stockOf.get(id)!.count ?? 1);
  expect(plan.fresh_mm).toBeCloseTo(fresh, 4);
  expect(plan.scrap_mm).toBeCloseTo(scrap, 4);
  expect(plan.fresh_bound_mm).toBeLessThanOrEqual(plan.fresh_mm + 1e-6);
}

/** First fit decreasing, as anybody would do it: started stock as it comes, then fresh as it comes. */
export function firstFit(problem: LanesProblem): { fresh: number; unplaced: number } {
  const bars = problem.stock
    .flatMap(({ length_mm, fresh, count = 1 }) =>
      Array.from({ length: Math.min(count, 2000) }, () => ({ rest: length_mm, length_mm, fresh, used: false })),
    )
    .sort((a, b) => Number(a.fresh) - Number(b.fresh));
  let unplaced = 0;
  const cuts = problem.cuts.flatMap(({ length_mm, count = 1 }) => Array.from({ length: count }, () => length_mm));
  for (const mm of cuts.sort((a, b) => b - a)) {
    const bar = bars.find((candidate) => candidate.rest >= mm + problem.loss_mm);
    if (!bar) unplaced += 1;
    else {
      bar.rest -= mm + problem.loss_mm;
      bar.used = true;
    }
  }
  return { fresh: bars.filter((bar) => bar.used && bar.fresh).reduce((sum, bar) => sum + bar.length_mm, 0), unplaced };
}

/** The least fresh stock by trying everything; for a handful of cuts only. Null where not all can be placed. */
export function leastFresh(problem: LanesProblem): number | null {
  const cuts = problem.cuts
    .flatMap(({ length_mm, count = 1 }) => Array.from({ length: count }, () => length_mm + problem.loss_mm))
    .sort((a, b) => b - a);
  const bars = problem.stock.flatMap(({ length_mm, fresh, count = 1 }) =>
    Array.from({ length: Math.min(count, cuts.length) }, () => ({ length_mm, fresh })),
  );
  const rest = bars.map((bar) => bar.length_mm);
  let best: number | null = null;
  const place = (i: number, fresh: number): void => {
    if (best !== null && fresh >= best) return;
    if (i === cuts.length) {
      best = fresh;
      return;
    }
    const tried = new Set<string>();
    bars.forEach((bar, b) => {
      const key = `${rest[b]}|${bar.length_mm}|${bar.fresh}`;
      if (rest[b]! < cuts[i]! - 1e-9 || tried.has(key)) return;
      tried.add(key);
      const opens = bar.fresh && rest[b] === bar.length_mm;
      rest[b]! -= cuts[i]!;
      place(i + 1, fresh + (opens ? bar.length_mm : 0));
      rest[b]! += cuts[i]!;
    });
  };
  place(0, 0);
  return best;
}
