import type { Point } from '../stitch';
import type { DrawnPart } from './drawn-parts';

/** Where the n-th of so many strands lies in a round bundle, in diameters from its middle: each a golden turn on from the last. */
function packed(n: number, of: number): readonly [x: number, z: number] {
  const out = packing(of) * Math.sqrt((n + 0.5) / of);
  const turned = n * Math.PI * (3 - Math.sqrt(5));
  return of === 1 ? [0, 0] : [out * Math.cos(turned), out * Math.sin(turned)];
}
/** Radius of the middle lines of a round bundle, in diameters: what keeps its strands a diameter apart. */
const packing = (of: number): number => 0.8 * Math.sqrt(of);

/** Strands shown past the knot, mm. */
const LOOSE = 16;
/** How far a bundle goes round the other while they change sides, rad. */
const TWIST = 1.2 * Math.PI;

/**
 * Long ends of both sides of a closure, tied with each other in the middle of it: each bundle goes once round the other and
 * leaves to the other side, the first half of a bow or reef. `gap` is what stands between the band's ends, mm; parts are placed
 * along it. How much of an end the knot takes is not measured: an end is left long for whatever is tied with it.
 */
export function tied(ends: readonly DrawnPart[], gap: number): DrawnPart[] {
  const sides = [1, -1].map((side) => ends.filter(({ outward }) => outward === side).flatMap(({ strands }) => strands));
  const most = Math.max(...sides.map((side) => side.length));
  return ends.map((part) => {
    const goes = part.outward;
    const bundle = goes === 1 ? sides[0]! : sides[1]!;
    const d = Math.max(...bundle.map((strand) => strand.d));
    const out = (packing(most) + 0.5) * d;
    return {
      ...part,
      strands: part.strands.map((strand) => {
        const [bx, bz] = packed(bundle.indexOf(strand), bundle.length);
        const place = (share: number): Point => {
          const turned = -Math.PI / 2 + goes * TWIST * (share - 0.5) + (goes === 1 ? 0 : Math.PI);
          return [
            out * Math.cos(turned) + bx * d,
            gap / 2 + goes * (gap / 2) * (2 * share - 1),
            out * Math.sin(turned) + bz * d,
          ];
        };
        const [from] = strand.points;
        const knot = Array.from({ length: 19 }, (_, i) => place(i / 18));
        const last = knot.at(-1)!;
        // Past the knot the ends hang down on the side that they come out at.
        const hangs = Array.from({ length: 6 }, (_, i): Point => {
          const far = ((i + 1) / 6) * LOOSE;
          // The bundle turns with the way it goes.
          return [last[0] + far * 0.8 - 0.4 * bx * d, last[1] + goes * (far * 0.6 - 0.8 * bx * d), last[2]];
        });
        return { ...strand, points: [from!, ...knot, ...hangs] };
      }),
    };
  });
}
