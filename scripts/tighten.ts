// Draws a knot tight in a calculation, and prints the control points that core/stitch and core/part hold: the shortest path
// of the given topology whose centre lines keep their clearance. `node --import tsx scripts/tighten.ts KNOT`
import type { Point } from '../src/core/stitch';

type Mutable = [number, number, number];
/**
 * Every copy of the strand that the strand may touch, as a map from its own points. `along` tells a copy that is the strand
 * itself, so many repeats on, from a copy that is another strand.
 */
type Copies = readonly { readonly move: (p: Point) => Point; readonly along: number | null }[];

interface Knot {
  readonly start: readonly Point[];
  readonly samples: number;
  /** One sample in so many is printed. */
  readonly every?: number;
  readonly clearance: number;
  /** The point before the first and after the last: the strand goes on as a copy of itself, or is held at its ends. */
  readonly before: ((p: Point) => Point) | null;
  readonly after: ((p: Point) => Point) | null;
  readonly copies: Copies;
  /** Straight strands it is tied around: their x, and their radius where it is not half a diameter. */
  readonly core: readonly number[];
  readonly coreRadius?: number;
  /** Places of the start that are held where they are: by friction, where the topology alone would let the knot slip open. */
  readonly pins?: readonly Point[];
}

const PITCH = 1.65;
const flip =
  (k: number) =>
  (p: Point): Point => [k % 2 ? -p[0] : p[0], p[1] + k * PITCH, p[2]];
const turn = (p: Point): Point => [-p[0], p[1], -p[2]];
const ALONG = [-2, -1, 0, 1, 2, 3];
/** Turned about the band by an angle, and moved along it. */
const screw =
  (degrees: number, rise: number) =>
  ([x, y, z]: Point): Point => {
    const [c, s] = [Math.cos((degrees * Math.PI) / 180), Math.sin((degrees * Math.PI) / 180)];
    return [c * x + s * z, y + rise, c * z - s * x];
  };
/** Two core strands as a round one: the circle whose wrap is as long as the wrap round the two, (2π + 2) ÷ 2π − ½. */
const CORE_RADIUS = (2 * Math.PI + 2) / (2 * Math.PI) - 0.5;
/** Each half knot of the spiral lies half a turn and a twelfth on. */
const SPIRAL_TURN = 210;
const SPIRAL_RISE = Number(process.env.RISE ?? 1.65);
const DOUBLE_RISE = Number(process.env.RISE ?? 1.5);
const HITCH_RISE = Number(process.env.RISE ?? 1.35);

const KNOTS: Record<string, Knot> = {
  // Strand a over one half knot; b is a turned over, the next half knot is a mirrored.
  'square-knot': {
    start: [
      [0, 0, 1],
      [1, -0.25, 1],
      [1.9, -0.1, 0.3],
      [2.4, 0.76, -0.3],
      [2.1, 1.35, -1],
      [1.9, 2, -0.6],
      [1.5, 2.15, 0.5],
      [0.7, 1.95, 1],
      [0, 1.65, 1],
    ],
    samples: 64,
    clearance: 0.937,
    before: flip(-1),
    after: flip(1),
    copies: ALONG.flatMap((k) => [
      { move: flip(k), along: k },
      { move: (p: Point) => turn(flip(k)(p)), along: null },
    ]),
    core: [-0.47, 0.47],
  },
  // Strand a over one half knot; the next half knot is a turned over, and b is a turned over at once: the same side leads.
  'half-knot-spiral': {
    start: [
      [0, 0, 1],
      [1, -0.25, 1],
      [1.9, -0.1, 0],
      [2.3, 0.5, -0.5],
      [2.5, 1, 0.1],
      [2.2, 1.5, 0.9],
      [1.8, 1.9, 0.5],
      [1, 1.85, -1],
      [0, 1.65, -1],
    ],
    samples: 64,
    every: 2,
    clearance: 0.955,
    before: screw(-SPIRAL_TURN, -SPIRAL_RISE),
    after: screw(SPIRAL_TURN, SPIRAL_RISE),
    copies: ALONG.flatMap((k) => [
      { move: screw(k * SPIRAL_TURN, k * SPIRAL_RISE), along: k },
      { move: screw(k * SPIRAL_TURN + 180, k * SPIRAL_RISE), along: null },
    ]),
    core: [0],
    coreRadius: CORE_RADIUS,
  },
  // One strand of four over two half knots: its own, and the other pair's, past which it is carried.
  'double-spiral': {
    start: [
      [0, 0, 1.4],
      [1, -0.25, 1.3],
      [1.9, -0.1, 0.1],
      [2.6, 0.6, -0.5],
      [2.9, 1.2, 0],
      [2.8, 2, 0.6],
      [2.4, 2.7, 1],
      [1.9, 3.2, 0.5],
      [1, 3.2, -1.2],
      [0, 3, -1.4],
    ],
    samples: 88,
    every: 2,
    clearance: 0.955,
    before: screw(-180, -2 * DOUBLE_RISE),
    after: screw(180, 2 * DOUBLE_RISE),
    copies: [-5, -4, -3, -2, -1, 0, 1, 2, 3, 4, 5].flatMap((k) => [
      { move: screw(90 * k, k * DOUBLE_RISE), along: k % 2 === 0 ? k / 2 : null },
      { move: screw(90 * k + 180, k * DOUBLE_RISE), along: null },
    ]),
    core: [0],
    coreRadius: CORE_RADIUS,
  },
  // A strand that hitches again and again over a straight one; its bar lies over its own end.
  'edge-hitch': {
    start: [
      [0.98, 0, 1.7],
      [0.3, 0.15, 1.6],
      [-0.5, 0.15, 1.1],
      [-1, 0, 0.1],
      [-0.6, -0.3, -0.8],
      [0.2, -0.55, -1],
      [0.9, -0.7, -0.4],
      [0.95, -0.55, 0.4],
      [0.5, 0, 0.87],
      [0.45, 0.5, 0.95],
      [0.7, 1, 1.3],
      [0.98, HITCH_RISE, 1.7],
    ],
    samples: 56,
    every: 2,
    clearance: 0.955,
    before: (p) => [p[0], p[1] - HITCH_RISE, p[2]],
    after: (p) => [p[0], p[1] + HITCH_RISE, p[2]],
    copies: ALONG.map((k) => ({ move: (p: Point): Point => [p[0], p[1] + k * HITCH_RISE, p[2]], along: k })),
    core: [0],
    pins: [
      [0.98, 0, 1.7],
      [0.5, 0, 0.87],
    ],
  },
  // One strand, held straight at both ends.
  overhand: {
    start: [
      [0, -10, 0],
      ...Array.from({ length: 60 }, (_, i): Point => {
        const t = -2.15 + (4.3 * i) / 59;
        return [(t ** 4 - 4 * t * t) * 0.45, (t ** 5 - 10 * t) * 0.25, (t ** 3 - 3 * t) * 0.55];
      }),
      [0, 10, 0],
    ],
    samples: 140,
    every: 2,
    clearance: 0.95,
    before: null,
    after: null,
    copies: [{ move: (p: Point) => p, along: 0 }],
    core: [],
  },
};

const distance = (a: Point, b: Point): number => Math.hypot(a[0] - b[0], a[1] - b[1], a[2] - b[2]);

/** Points at even spacing along a polyline. */
function spread(line: readonly Point[], count: number, closed: boolean): Mutable[] {
  const at = [0];
  for (let i = 1; i < line.length; i++) at.push(at[i - 1]! + distance(line[i]!, line[i - 1]!));
  return Array.from({ length: count }, (_, i) => {
    const s = (at.at(-1)! * i) / (closed ? count : count - 1);
    const j = Math.max(
      1,
      at.findIndex((d, k) => k > 0 && d >= s - 1e-9),
    );
    const t = (s - at[j - 1]!) / (at[j]! - at[j - 1]!);
    return [0, 1, 2].map((k) => line[j - 1]![k]! * (1 - t) + line[j]![k]! * t) as Mutable;
  });
}

/** Pulls every point towards its neighbours and pushes it off whatever is nearer than the clearance, ever more firmly. */
function tighten(knot: Knot): Mutable[] {
  const { samples: n, clearance, copies, core, coreRadius = 0.5 } = knot;
  const coreClearance = clearance + coreRadius - 0.5;
  const points = spread(knot.start, n, knot.before !== null);
  const pinned = (knot.pins ?? []).map((pin) => {
    const gaps = points.map((p) => distance(p, pin));
    return gaps.indexOf(Math.min(...gaps));
  });
  const fixed = (i: number): boolean => pinned.includes(i) || (knot.before === null && (i === 0 || i === n - 1));
  const rounds = 12_000;
  for (let round = 0; round < rounds; round++) {
    const firmness = 6 * Math.min(8, 1 + (round / rounds) * 10);
    const step = Math.min(0.02, 0.24 / firmness);
    const skip = Math.ceil((1.6 * clearance) / distance(points[1]!, points[0]!));
    const push = points.map((): Mutable => [0, 0, 0]);
    points.forEach((p, i) => {
      const f = push[i]!;
      const neighbours = [
        i > 0 ? points[i - 1] : knot.before?.(points[n - 1]!),
        i < n - 1 ? points[i + 1] : knot.after?.(points[0]!),
      ];
      for (const q of neighbours)
        if (q) for (let k = 0; k < 3; k++) f[k]! += (q[k]! - p[k]!) * (0.5 / (distance(p, q) || 1e-9) + 4);
      for (const x of core) {
        const r = Math.hypot(p[0] - x, p[2]);
        if (r >= coreClearance) continue;
        f[0] += ((p[0] - x) / r) * firmness * 3 * (coreClearance - r);
        f[2] += (p[2] / r) * firmness * 3 * (coreClearance - r);
      }
      for (const { move, along } of copies) {
        points.forEach((other, j) => {
          if (along !== null && Math.abs(i - (j + along * n)) < skip) return;
          const q = move(other);
          const r = distance(p, q) || 1e-6;
          if (r < clearance)
            for (let k = 0; k < 3; k++) f[k]! += ((p[k]! - q[k]!) / r) * firmness * (clearance - r) * 0.5;
        });
      }
    });
    points.forEach((p, i) => {
      if (!fixed(i)) for (let k = 0; k < 3; k++) p[k]! += Math.max(-0.05, Math.min(0.05, step * push[i]![k]!));
    });
  }
  return points;
}

const knot = KNOTS[process.argv[2] ?? ''];
if (!knot) throw new Error(`Name a knot: ${Object.keys(KNOTS).join(' or ')}`);
for (const [i, p] of tighten(knot).entries())
  if (i % (knot.every ?? 4) === 0) console.log(`[${p.map((v) => Number(v.toFixed(2))).join(', ')}],`);
