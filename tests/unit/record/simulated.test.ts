import { describe, expect, it } from 'vitest';
import { foresight, learn, learnUse } from '../../../src/core/record';
import { STARTING_FIGURES } from '../../../src/core/studio';
import { coverage, ranShort, simulated } from '../../load/studios';

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
    const { ends, share, chosen } = ranShort(30, 6, 500);
    expect(ends).toBeGreaterThanOrEqual(2400);
    expect(share / chosen).toBeGreaterThan(1 / 1.5);
    expect(share / chosen).toBeLessThan(1.5);
  });

  it('foretells a session left out the better, the more others there are', () => {
    const { records } = simulated(5, 18);
    const seen = foresight(records, STARTING_FIGURES);
    const [first, last] = [seen[0]!, seen.at(-1)!];
    expect(first.sessions).toBe(0);
    expect(last.off).toBeLessThan(first.off * 0.8);
    expect(last.sessions).toBe(new Set(records.map(({ session }) => session)).size - 1);
  });
});
