import type { Point } from '../../stitch';
import { fitted, mirrored, turnedHalf, wayLength, type Way } from './way';

/**
 * Half of a loop from a place to its far end so far out, to the right or the left.
 *
 * @param clear how far it runs straight on first, clear of what it comes out of
 * @param middle of the loop, across
 */
function half([x, from, z]: Point, side: number, reach: number, wide: number, clear: number, middle = 0): Point[] {
  const y = from + clear;
  const across = (share: number): number => middle + side * wide * share;
  return [
    ...(clear > 0 ? [0.4, 0.8, 1].map((share): Point => [x, from + clear * share, z]) : []),
    [x + side * wide * 0.05, y + reach * 0.03, z * 0.9],
    [(x + across(0.55)) / 2, y + reach * 0.12, z * 0.6],
    [across(0.75), y + reach * 0.3, z * 0.2],
    [across(1), y + reach * 0.58, 0],
    [across(0.76), y + reach * 0.86, 0],
    [across(0.4), y + reach * 0.975, 0],
    [middle, y + reach, 0],
  ];
}

/** A loop is so much wider to each side than it reaches out. */
const WIDE = 0.3;

/** Both legs of a loop at a fold, each giving so much to it, mm; at the band's edge so far from its middle, and so deep. */
export function loopWays(mm: number, x: number, z = 0): Way[] {
  const start: Point = [x, 0, 0];
  const right = fitted(mm, (reach) => [start, ...half(start, 1, reach, Math.max(x, WIDE * reach), 0)], 2 * mm).map(
    ([px, py]): Point => [px, py, z],
  );
  return [
    { leg: 0, points: right },
    { leg: 1, points: mirrored(right) },
  ];
}

/** A knot's ways, each going on into its half of a loop past it, where two and two meet; each gives so much to the loop, mm. */
export function knotThenLoop(knot: readonly Way[], mm: number, d: number): Way[] {
  const top = Math.max(...knot.flatMap(({ points }) => points.map(([, y]) => y))) + 0.6 * d;
  // Two strands are a loop; of four, those behind and those in front, one loop behind the other.
  const byDepth = knot.toSorted((a, b) => a.points.at(-1)![2] - b.points.at(-1)![2]);
  const pairs = knot.length < 4 ? [knot] : [byDepth.slice(0, 2), byDepth.slice(2)];
  return pairs
    .flatMap((pair, k) => loopOf(pair, mm, d, top, pairs.length > 1 ? (k - 0.5) * 1.5 * d : 0))
    .toSorted((a, b) => a.leg - b.leg);
}

/** Strands that leave a knot and meet at the far end of a loop, so deep. */
function loopOf(pair: readonly Way[], mm: number, d: number, top: number, depth: number): Way[] {
  const outermost = Math.max(...pair.map(({ points }) => points.at(-1)![0]));
  const middle = pair.reduce((sum, { points }) => sum + points.at(-1)![0], 0) / pair.length;
  const clear = depth === 0 ? 0 : 2.4 * d;
  // Each goes on to the side that it leaves the knot on.
  const whole = (points: readonly Point[], reach: number, wide: number): Point[] => {
    const out = points.at(-1)!;
    const side = out[0] === outermost ? 1 : -1;
    const from: Point = [middle + side * Math.max(0.55 * d, Math.abs(out[0] - middle)), top + clear, depth];
    const to = half(from, side, reach, wide, 0, middle).map(([x, y, z]): Point => [x, y, depth === 0 ? z : depth]);
    return depth === 0 ? [...points, ...half(out, side, reach, wide, top - out[1], middle)] : [...points, from, ...to];
  };
  const [first, ...others] = pair;
  const long = (points: readonly Point[]): number => wayLength(points) + mm;
  const lead = fitted(long(first!.points), (reach) => whole(first!.points, reach, WIDE * reach), 2 * mm);
  // The others meet it at its far end, as wide as they are long.
  const reach = lead.at(-1)![1] - top - clear;
  return [
    { leg: first!.leg, points: lead },
    ...others.map(({ leg, points }) => ({
      leg,
      points: fitted(long(points), (wide) => whole(points, reach, wide), 2 * mm),
    })),
  ];
}

/** Between two knots: from where a strand left the one, out to its side, to where it enters the next. */
function lens([fx, fy, fz]: Point, [tx, ty, tz]: Point, side: number, wide: number, clear: number): Point[] {
  const along = (share: number): number => fy + clear + (ty - fy - 2 * clear) * share;
  const straightOn = [0.3, 0.7, 1];
  return [
    ...straightOn.map((share): Point => [fx, fy + clear * share, fz]),
    [fx + side * wide * 0.06, along(0.03), fz],
    [(fx + side * wide) / 2, along(0.16), fz * 0.6],
    [side * wide, along(0.5), 0],
    [(tx + side * wide) / 2, along(0.84), tz * 0.6],
    [tx + side * wide * 0.06, along(0.97), tz],
    ...straightOn.toReversed().map((share): Point => [tx, ty - clear * share, tz]),
  ];
}

/**
 * So many loops between two legs in a row, with a knot before each and one after the last.
 *
 * @param along band length of the knot, mm
 * @param mm what each leg gives to a loop
 */
export function knotsAndLenses(knot: readonly Way[], along: number, mm: number, times: number, d: number): Way[] {
  const mean = (at: number): number => knot.reduce((sum, { points }) => sum + points.at(at)![0], 0) / knot.length;
  const crosses = Math.sign(knot[0]!.points[0]![0] - mean(0)) !== Math.sign(knot[0]!.points.at(-1)![0] - mean(-1));
  const reach = mm * 0.86;
  return knot.map(({ leg, points }) => {
    // Where the legs change sides in a knot, the next is tied turned over, so that no loop is crossed.
    const turned = (n: number): readonly Point[] => (crosses && n % 2 === 1 ? turnedHalf(points) : points);
    const knotAt = (k: number): Point[] => turned(k).map(([x, y, z]): Point => [x, y + k * (reach + along), z]);
    const row = (wide: number): Point[] => [
      ...Array.from({ length: times }, (_, k) => {
        const from = k * (reach + along);
        const [last, next] = [turned(k).at(-1)!, turned(k + 1)[0]!];
        const side = Math.sign(last[0] - (crosses && k % 2 === 1 ? -mean(-1) : mean(-1))) || 1;
        return [
          ...knotAt(k),
          ...lens([last[0], from + along, last[2]], [next[0], from + along + reach, next[2]], side, wide, 0.6 * d),
        ];
      }).flat(),
      ...knotAt(times),
    ];
    return { leg, points: fitted((times + 1) * wayLength(points) + times * mm, row, mm) };
  });
}
