import { expect, it } from 'vitest';
import { SHIPPED } from '../../../catalogue';
import { PARTS, type PartContext } from '../../../src/core/part';
import { sampleOpen } from '../../../src/core/stitch';
import { alexander } from '../stitch/invariant';
import { context } from './context';

it.each<[string, Partial<PartContext>, number[]]>([
  ['overhand', {}, [3]],
  ['overhand', { strands: 2 }, [3, 3]],
  ['overhand', { strands: 4 }, [3, 3, 3, 3]],
  ['overhand', { strands: 2, tied: 'one' }, [3, 1]],
  ['double-overhand', {}, [5]],
  ['double-overhand', { strands: 2 }, [5, 5]],
  ['double-overhand', { strands: 3, tied: 'one' }, [5, 1, 1]],
  ['figure-eight', {}, [5]],
  ['figure-eight', { strands: 4 }, [5, 5, 5, 5]],
  ['figure-eight', { strands: 2, tied: 'one' }, [5, 1]],
  ['double-connection', { strands: 2 }, [3, 3]],
  // Two overhands on one strand: 3 × 3.
  ['stacked-overhand', {}, [9]],
  ['stacked-overhand', { strands: 2 }, [9, 9]],
  ['stacked-overhand', { strands: 4 }, [9, 9, 9, 9]],
  ['neck-knot', { strands: 2 }, [3, 3]],
  ['caught-bead', { strands: 2, hardware: SHIPPED.hardware['bead-10']! }, [9, 9]],
  ['knot-row', { strands: 2, times: 1, mate: 40 }, [9, 9]],
])('%s with %o is that knot in every strand that ties it', (slug, changes, determinants) => {
  const ways = PARTS[slug]!.ways(context(changes));
  expect(ways.map(({ points }) => alexander(sampleOpen(points, 4)))).toEqual(determinants);
});

it('a leg that ties round another goes round it once for each turn', () => {
  const turns = (slug: string): number => {
    const [tie, stand] = PARTS[slug]!.ways(context({ strands: 2, tied: 'one' }));
    const [x, , z] = stand!.points[0]!;
    let angle = 0;
    const line = sampleOpen(tie!.points, 6);
    for (let i = 1; i < line.length; i++) {
      const [a, b] = [line[i - 1]!, line[i]!].map(([px, , pz]) => Math.atan2(pz - z, px - x)) as [number, number];
      angle += ((b - a + 3 * Math.PI) % (2 * Math.PI)) - Math.PI;
    }
    return Math.round(Math.abs(angle) / (2 * Math.PI));
  };
  expect([turns('overhand'), turns('double-overhand'), turns('figure-eight')]).toEqual([1, 2, 1]);
});

it('of the turned-back knot each leg alone is bare, and both of one fold are a half knot tied in it', () => {
  const [right, left] = PARTS['turned-back']!.ways(context({ strands: 2 })).map(({ points }) => sampleOpen(points, 4));
  expect([right, left].map((line) => alexander(line!))).toEqual([1, 1]);
  // From one end, back through the fold at the start, to the other: a trefoil.
  expect(alexander([...right!.toReversed(), ...left!])).toBe(3);
  // The ends leave at its two sides, not along the band.
  for (const line of [right!, left!]) {
    const [before, end] = [line.at(-2)!, line.at(-1)!];
    expect(Math.abs(end[0] - before[0])).toBeGreaterThan(3 * Math.abs(end[1] - before[1]));
  }
  expect(Math.sign(right!.at(-1)![0])).toBe(-Math.sign(left!.at(-1)![0]));
});
