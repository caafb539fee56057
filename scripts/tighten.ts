// Draws a knot tight in a calculation, and prints the control points that core/stitch and core/part hold: the shortest path
// of the given topology whose centre lines keep their clearance. `node --import tsx scripts/tighten.ts square-knot|overhand`
import type { Point } from '../src/core/stitch';

type Mutable = [number, number, number];
/** Every copy of the strand that the strand may touch, as a map from its own points; `self` where the copy is the strand itself. */
type Copies = readonly { readonly move: (p: Point) => Point; readonly self: boolean }[];

interface Knot {
  readonly start: readonly Point[];
  readonly samples: number;
  readonly clearance: number;
  /** The point before the first and after the last: the strand goes on as a copy of itself, or is held at its ends. */
  readonly before: ((p: Point) => Point) | null;
  readonly after: ((p: Point) => Point) | null;
  readonly copies: Copies;
  /** Straight strands it is tied around, by their x. */
  readonly core: readonly number[];
}

const PITCH = 1.65;
const flip =
  (k: number) =>
  (p: Point): Point => [k % 2 ? -p[0] : p[0], p[1] + k * PITCH, p[2]];
const turn = (p: Point): Point => [-p[0], p[1], -p[2]];
const ALONG = [-2, -1, 0, 1, 2, 3];

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
      { move: flip(k), self: k === 0 },
      { move: (p: Point) => turn(flip(k)(p)), self: false },
    ]),
    core: [-0.47, 0.47],
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
    clearance: 0.93,
    before: null,
    after: null,
    copies: [{ move: (p: Point) => p, self: true }],
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
  const { samples: n, clearance, copies, core } = knot;
  const points = spread(knot.start, n, knot.before !== null);
  const fixed = (i: number): boolean => knot.before === null && (i === 0 || i === n - 1);
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
        if (r >= clearance) continue;
        f[0] += ((p[0] - x) / r) * firmness * 3 * (clearance - r);
        f[2] += (p[2] / r) * firmness * 3 * (clearance - r);
      }
      for (const { move, self } of copies) {
        points.forEach((other, j) => {
          if (self && Math.abs(i - j) < skip) return;
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
  if (i % 4 === 0) console.log(`[${p.map((v) => Number(v.toFixed(2))).join(', ')}],`);
