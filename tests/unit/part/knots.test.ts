import { expect, it } from 'vitest';
import { PARTS, type PartContext } from '../../../src/core/part';
import { sampleOpen, type Point } from '../../../src/core/stitch';
import { context } from './context';

/** The determinant of a knot whose ends are joined far outside: 1 for no knot, 3 for the overhand, 5 with a turn more and for the eight. */
function determinant(points: readonly Point[]): number {
  const [first, last] = [points[0]!, points.at(-1)!];
  // Looked at from a little aside, so that no two crossings fall together.
  const all = [
    [first[0], first[1] - 60, first[2]],
    ...points,
    [last[0], last[1] + 60, last[2]],
    [200, last[1] + 70, 0.01],
    [200, first[1] - 70, 0.02],
  ].map(([x, y, z]): Point => [
    x! * Math.cos(0.31) + z! * Math.sin(0.31) + 0.001 * y!,
    y!,
    z! * Math.cos(0.31) - x! * Math.sin(0.31),
  ]);
  const n = all.length;
  const crossings: { over: number; under: number }[] = [];
  for (let i = 0; i < n; i++)
    for (let j = i + 2; j < n; j++) {
      const [p, p2, q, q2] = [all[i]!, all[(i + 1) % n]!, all[j]!, all[(j + 1) % n]!];
      const [a, b] = [[p2[0] - p[0], p2[1] - p[1]] as const, [q2[0] - q[0], q2[1] - q[1]] as const];
      const flat = a[0] * b[1] - a[1] * b[0];
      if (Math.abs(flat) < 1e-12 || (i === 0 && j === n - 1)) continue;
      const t = ((q[0] - p[0]) * b[1] - (q[1] - p[1]) * b[0]) / flat;
      const u = ((q[0] - p[0]) * a[1] - (q[1] - p[1]) * a[0]) / flat;
      if (t < 0 || t >= 1 || u < 0 || u >= 1) continue;
      const isOver = p[2] + t * (p2[2] - p[2]) > q[2] + u * (q2[2] - q[2]);
      crossings.push(isOver ? { over: i + t, under: j + u } : { over: j + u, under: i + t });
    }
  const unders = crossings.map(({ under }) => under).sort((a, b) => a - b);
  const m = unders.length;
  if (m < 3) return 1;
  const arcAt = (s: number): number =>
    Math.max(
      0,
      unders.findIndex((under) => under > s),
    );
  // Each crossing: twice the arc over it, less the two that end and begin under it; one row and column less.
  const rows = crossings.map(({ over, under }) => {
    const row = new Array<number>(m).fill(0);
    const k = unders.indexOf(under);
    row[arcAt(over)]! += 2;
    row[k]! -= 1;
    row[(k + 1) % m]! -= 1;
    return row.slice(0, m - 1);
  });
  rows.pop();
  let product = 1;
  for (let c = 0; c < m - 1; c++) {
    const pivot = rows
      .slice(c)
      .reduce((best, row, i) => (Math.abs(row[c]!) > Math.abs(rows[best]![c]!) ? c + i : best), c);
    if (Math.abs(rows[pivot]![c]!) < 1e-9) return 0;
    [rows[c], rows[pivot]] = [rows[pivot]!, rows[c]!];
    product *= rows[c]![c]!;
    for (const row of rows.slice(c + 1)) {
      const by = row[c]! / rows[c]![c]!;
      for (let k = c; k < m - 1; k++) row[k]! -= by * rows[c]![k]!;
    }
  }
  return Math.round(Math.abs(product));
}

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
])('%s with %o is that knot in every strand that ties it', (slug, changes, determinants) => {
  const ways = PARTS[slug]!.ways(context(changes));
  expect(ways.map(({ points }) => determinant(sampleOpen(points, 4)))).toEqual(determinants);
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
