import { sampleOpen } from '../../stitch';
import type { Way } from './way';

type Flat = readonly [x: number, z: number];

/** One side of the convex outline of points in order of x. */
function side(points: readonly Flat[]): Flat[] {
  const out: Flat[] = [];
  for (const [x, z] of points) {
    while (out.length > 1) {
      const [[ax, az], [bx, bz]] = [out.at(-2)!, out.at(-1)!];
      if ((bx - ax) * (z - az) - (bz - az) * (x - ax) > 0) break;
      out.pop();
    }
    out.push([x, z]);
  }
  return out.slice(0, -1);
}

/**
 * Girth of a knot, mm, as a tape round it would say: the convex outline of its strands' middle lines, seen along the band, and half a
 * strand beyond it all round.
 */
export function girthOf(ways: readonly Way[], d: number): number {
  const points = ways
    .flatMap(({ points: own }) => sampleOpen(own).map(([x, , z]): Flat => [x, z]))
    .sort((a, b) => a[0] - b[0] || a[1] - b[1]);
  const outline = [...side(points), ...side(points.toReversed())];
  const round = outline.reduce((sum, [x, z], i) => {
    const [nx, nz] = outline[(i + 1) % outline.length]!;
    return sum + Math.hypot(nx - x, nz - z);
  }, 0);
  return round + Math.PI * d;
}
