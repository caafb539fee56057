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

function outlineOf(ways: readonly Way[]): number {
  const points = ways
    .flatMap(({ points: own }) => sampleOpen(own).map(([x, , z]): Flat => [x, z]))
    .sort((a, b) => a[0] - b[0] || a[1] - b[1]);
  const outline = [...side(points), ...side(points.toReversed())];
  return outline.reduce((sum, [x, z], i) => {
    const [nx, nz] = outline[(i + 1) % outline.length]!;
    return sum + Math.hypot(nx - x, nz - z);
  }, 0);
}

const known = new Map<string, number>();

/**
 * Girth of a knot, in diameters of its cord, as a tape round it would say: the convex outline of its strands' middle lines, seen along the
 * band, and half a strand beyond it all round.
 *
 * @param knot its name, by which the girth is kept
 * @param ways its strands in cord of 1 mm
 */
export function girthOf(knot: string, ways: () => readonly Way[]): number {
  const girth = known.get(knot) ?? outlineOf(ways()) + Math.PI;
  known.set(knot, girth);
  return girth;
}
