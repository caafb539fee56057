import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { solveLanes, type LanesPlan, type LanesProblem } from '../../../src/core/lanes';
import { layoutFault, layShelfFirst, stockFault, TO_BUY, type BagCut } from '../../../src/core/layout';
import { STARTING_FIGURES } from '../../../src/core/studio';

const ITEM = 'cord/satin-2/race';
const PACK = 5000;
const LOSS = STARTING_FIGURES.cut_loss;
const solve = async (problem: LanesProblem): Promise<LanesPlan> =>
  solveLanes(problem, { seconds: 0.05, now: () => performance.now() });
const cut = (mm: number, i: number): BagCut => ({
  id: `cut-${i}`,
  seat: `seat-${i}`,
  bag: i + 1,
  label: `Guest ${i}`,
  mm,
  estimated: false,
});
const lot = (mm: number, i: number) => ({
  id: `lot-${i}`,
  number: i,
  kind: 'spool',
  place: '',
  mm,
  fresh: false,
  item: ITEM,
});

describe('a cord laid out, the shelf first', () => {
  it('buys nothing while the shelf covers it, and uses the shelf up before it does', async () => {
    const cuts = [1000, 1000].map(cut);
    const enough = await layShelfFirst({ cuts, lots: [lot(2100, 0)], figures: STARTING_FIGURES, pack: PACK }, solve);
    expect(enough.lanes.map(({ stock }) => stock)).toEqual(['lot-0']);
    // Two of these do not go on one pack: the shelf’s own piece saves a second.
    const long = [3000, 3000].map(cut);
    const short = await layShelfFirst(
      { cuts: long, lots: [lot(3100, 0)], figures: STARTING_FIGURES, pack: PACK },
      solve,
    );
    expect(short.lanes.map(({ stock }) => stock).sort()).toEqual([TO_BUY, 'lot-0']);
    // Where nobody sells it, what does not fit is said.
    const none = await layShelfFirst(
      { cuts: long, lots: [lot(3100, 0)], figures: STARTING_FIGURES, pack: null },
      solve,
    );
    expect(none.unplaced).toHaveLength(1);
  });

  it('keeps what is locked on a pack there, whatever the shelf has', async () => {
    const cuts = [1000, 900].map(cut);
    const before = [{ stock: TO_BUY, length_mm: PACK, cuts: [{ id: 'cut-0', mm: 1000 }], locked: ['cut-0'] }];
    const { lanes } = await layShelfFirst(
      { cuts, lots: [lot(4000, 0)], figures: STARTING_FIGURES, pack: PACK, before },
      solve,
    );
    const bought = lanes.find(({ stock }) => stock === TO_BUY);
    expect(bought).toMatchObject({ length_mm: PACK, locked: ['cut-0'] });
  });

  it('stopped, answers at once with packs', async () => {
    let asked = 0;
    const laid = await layShelfFirst(
      { cuts: [cut(1000, 0)], lots: [], figures: STARTING_FIGURES, pack: PACK },
      (problem) => {
        asked++;
        return solve(problem);
      },
      undefined,
      () => true,
    );
    expect([asked, laid.unplaced.length, laid.lanes.length]).toEqual([1, 0, 1]);
  });

  it('what the solver still says once it was stopped does not stand in the place of the answer', async () => {
    const shown: (readonly string[])[] = [];
    let late = (): void => undefined;
    const laid = await layShelfFirst(
      { cuts: [3000, 3000].map(cut), lots: [lot(3100, 0)], figures: STARTING_FIGURES, pack: PACK },
      async (problem, onBetter) => {
        const plan = await solve(problem);
        onBetter(plan);
        late = () => onBetter(plan);
        return plan;
      },
      ({ unplaced }) => shown.push(unplaced),
      () => true,
    );
    late();
    expect(laid.unplaced).toEqual([]);
    expect(shown).toHaveLength(1);
  });

  it('is a plan that a reservation takes, whatever is on the shelf', async () => {
    await fc.assert(
      fc.asyncProperty(
        fc.array(fc.integer({ min: 200, max: 2400 }), { minLength: 1, maxLength: 12 }),
        fc.array(fc.integer({ min: 100, max: 6000 }), { maxLength: 6 }),
        async (lengths, shelf) => {
          const cuts = lengths.map(cut);
          const lots = shelf.map(lot);
          const { lanes, unplaced, bound_mm } = await layShelfFirst(
            { cuts, lots, figures: STARTING_FIGURES, pack: PACK },
            solve,
          );
          expect(unplaced).toEqual([]);
          const layout = [{ item: ITEM, bound_mm: Math.round(bound_mm), lanes: [...lanes] }];
          expect(layoutFault(layout, new Map([[ITEM, cuts]]))).toBeNull();
          expect(stockFault(layout, lots, () => PACK, LOSS)).toBeNull();
        },
      ),
      { numRuns: 40 },
    );
  });
});
