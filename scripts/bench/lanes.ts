// Times cutting lanes, and prints one line of JSON: for each problem the seconds, the fresh stock and its bound.
import load from 'highs';
import { beginLanes, type LanesProblem } from '../../src/core/lanes';
import { modelsOf } from '../../src/solver/highs';

const makeModel = modelsOf(await load());
let state = 20_261;
const int = (least: number, most: number): number => {
  state = (state * 48_271) % 2_147_483_647;
  return least + (state % (most - least + 1));
};
/** `part` of a millimetre is the finest that lengths are given to. */
const problem = (cuts: number, pieces: number, part = 10): LanesProblem => ({
  loss_mm: 4,
  keep_mm: 300,
  stock: [
    ...Array.from({ length: pieces - 1 }, (_, i) => ({
      id: `o${i}`,
      length_mm: int(300 / part, 9000 / part) * part,
      fresh: false,
    })),
    { id: 'pack', length_mm: 30_000, fresh: true, count: 200 },
  ],
  cuts: Array.from({ length: cuts }, (_, i) => ({ id: `c${i}`, length_mm: int(300 / part, 3000 / part) * part })),
});
const runs = {
  '24 cuts over 8 pieces': problem(24, 8),
  '500 cuts over 60 pieces': problem(500, 60),
  '300 cuts to a hundredth of a millimetre over 40 pieces': problem(300, 40, 0.01),
};
console.log(
  JSON.stringify(
    Object.fromEntries(
      Object.entries(runs).map(([name, given]) => {
        const start = performance.now();
        let first_ms = 0;
        const begun = beginLanes(given, {
          seconds: 8,
          now: () => performance.now(),
          onBetter: () => (first_ms ||= performance.now() - start),
        });
        const { seconds, fresh_mm, fresh_bound_mm, scrap_mm } = begun.finish(makeModel);
        return [name, { seconds, first_ms, proved: begun.proved, fresh_mm, fresh_bound_mm, scrap_mm }];
      }),
    ),
  ),
);
