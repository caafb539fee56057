import { describe, expect, it } from 'vitest';
import { foresight, learn, learnUse, type YieldRecord } from '../../../src/core/record';
import { STARTING_FIGURES } from '../../../src/core/studio';
import { coverage, KIND, ranShort, simulated, UNKIND } from '../../load/studios';
import { seasonsOf } from '../../load/seasons';

// The short form of what `npm run bench` prints: studios whose truths lie around geometry, makers and pieces that differ, tapes misread.
describe('what simulated studios’ records teach', () => {
  it('is nothing where there are none', () => {
    expect(learn({ records: [], hands: [], growth: [] }, STARTING_FIGURES)).toEqual({
      figures: [],
      makers: [],
      records: 0,
    });
    expect(learnUse([], STARTING_FIGURES).of('square-knot', 'satin-2', 'new').mean).toBe(0);
  });

  it.each([1, 3, 10, 30])('holds the truth nine times in ten after %i records of each', (each) => {
    const { cases, held } = coverage(each, 60);
    expect(cases).toBe(360);
    // Of 360 cases an honest nine in ten is missed by less than this, all but never.
    expect(held).toBeGreaterThan(0.84);
    expect(held).toBeLessThan(0.96);
  });

  it('is within 5 % of the truth in nine studios of ten after ten records of a stitch and cord', () => {
    expect(coverage(10, 300, 1).near).toBeGreaterThan(0.87);
  });

  it('cuts so that as many run short as was chosen', () => {
    const { ends, share, chosen } = ranShort(10, 16, 300);
    expect(ends).toBeGreaterThanOrEqual(2400);
    // Asked for is 1 in 60; aimed at are 1 in 40 to 90.
    expect(share / chosen).toBeGreaterThan(60 / 90);
    expect(share / chosen).toBeLessThan(60 / 40);
  });

  it.each(Object.entries(UNKIND).filter(([name]) => !name.startsWith('geometry')))(
    'holds the truth in most studios where reality is unkind: %s',
    (_, reality) => {
      const { held } = coverage(10, 40, undefined, reality);
      // Aimed at are 85 to 95 of 100; of 240 cases three more or less either side of that are chance.
      expect(held).toBeGreaterThan(0.79);
      expect(ranShort(10, 4, 300, reality).share).toBeLessThan(1 / 20);
    },
  );

  it.each(['new', 'fluent'] as const)('teaches %s makers by what steady ones used, who alone have records', (skill) => {
    const records = simulated(3, 30, undefined, { ...KIND, truth: 0, all: 0.1 }).records.filter(
      ({ planned }) => planned.skill === 'steady',
    );
    const { figures } = learn({ records, hands: [], growth: [] }, STARTING_FIGURES);
    const [own, steady] = [skill, 'steady'].map((one) =>
      figures.find(({ key }) => key === `use/square-knot/sheathed-3/${one}`)!,
    );
    expect(own!.records).toBe(0);
    expect(steady!.value).toBeGreaterThan(1.03);
    expect(own!.value).toBeGreaterThan(1 + 0.5 * (steady!.value - 1));
    expect(own!.doubt).toBeGreaterThan(steady!.doubt);
  });

  it('cuts no tail shorter than makers need, however many records there are and however often it is accepted', () => {
    for (const { short, tail } of seasonsOf(80, 3, 120)) {
      expect(tail).toBeGreaterThanOrEqual(79);
      expect(short).toBeLessThan(1 / 30);
    }
  });

  it('lengthens tails where ends run short', () => {
    const records = simulated(9, 10, undefined, { ...KIND, misread: 0 }).records.map((record): YieldRecord => ({
      ...record,
      said: { left: Object.fromEntries(Object.keys(record.said.left!).map((k) => [k, { short: true, at: '' }])) },
    }));
    const before = STARTING_FIGURES.tail_steady;
    const { figures } = learn({ records, hands: [], growth: [] }, STARTING_FIGURES);
    expect(figures.find(({ key }) => key === 'figure/tail_steady')!.value).toBeGreaterThanOrEqual(before);
  });

  it('foretells a session left out the better, the more others there are', () => {
    const studios = [5, 6, 7].map((seed) => simulated(seed, 18, undefined, { ...KIND, truth: 0.12 }).records);
    const seen = studios.map((records) => foresight(records, STARTING_FIGURES));
    const mean = (of: (one: (typeof seen)[number]) => number): number =>
      seen.reduce((sum, one) => sum + of(one), 0) / 3;
    expect(seen.map((one) => one[0]!.sessions)).toEqual([0, 0, 0]);
    expect(mean((one) => one.at(-1)!.off)).toBeLessThan(0.8 * mean((one) => one[0]!.off));
    expect(seen[0]!.at(-1)!.sessions).toBe(new Set(studios[0]!.map(({ session }) => session)).size - 1);
  });
});
