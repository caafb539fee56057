import { expect, it } from 'vitest';
import { solveLanes } from '../../../src/core/lanes';
import { chances } from '../bench/makers';

/** The fewest cuts left out, and then the least scrap and pieces touched, by trying every way. */
function byTrying(stock: readonly number[], cuts: readonly number[], keep: number): [number, number, number] {
  const rest = [...stock];
  const used = stock.map(() => 0);
  let best: [number, number, number] = [Infinity, Infinity, Infinity];
  const go = (i: number, left: number): void => {
    if (i === cuts.length) {
      const touched = rest.filter((_, k) => used[k]! > 0);
      const own: typeof best = [left, touched.reduce((sum, mm) => sum + (mm < keep ? mm : 0), 0), touched.length];
      if ((own[0] - best[0] || own[1] - best[1] || own[2] - best[2]) < 0) best = own;
      return;
    }
    for (let k = 0; k < rest.length; k++) {
      if (rest[k]! < cuts[i]!) continue;
      rest[k]! -= cuts[i]!;
      used[k]! += 1;
      go(i + 1, left);
      rest[k]! += cuts[i]!;
      used[k]! -= 1;
    }
    if (left < best[0]) go(i + 1, left + 1);
  };
  go(0, 0);
  return best;
}

it('where the stock does not do for every cut, as many are placed as can be, with no more scrap than the best', () => {
  const next = chances(3);
  const pick = (from: number, to: number): number => (from + Math.floor(next() * (to - from + 1))) * 100;
  let short = 0;
  while (short < 60) {
    const stock = Array.from({ length: 1 + Math.floor(next() * 3) }, () => pick(10, 40));
    const cuts = Array.from({ length: 4 + Math.floor(next() * 4) }, () => pick(6, 20));
    const best = byTrying(stock, cuts, 300);
    if (best[0] === 0) continue;
    short += 1;
    const plan = solveLanes(
      {
        loss_mm: 0,
        keep_mm: 300,
        stock: stock.map((length_mm, i) => ({ id: `s${i}`, length_mm, fresh: false })),
        cuts: cuts.map((length_mm, i) => ({ id: `c${i}`, length_mm })),
      },
      { seconds: 2, now: () => performance.now() },
    );
    expect([plan.unplaced.length, plan.scrap_mm, plan.lanes.length], JSON.stringify({ stock, cuts })).toEqual(best);
  }
});
