// Draws strands tight in a calculation: the shortest paths whose centre lines keep their clearance.
import { sampleOpen, type Point } from '../../src/core/stitch';

export type Mutable = [number, number, number];
export interface Start {
  /** Each strand from the one end to the other; what is loose is drawn in. */
  readonly strands: readonly (readonly Point[])[];
  /** Each strand is there once more, half a turn about the middle. */
  readonly paired?: boolean;
  /** A straight strand stands at the origin. */
  readonly core?: boolean;
  /** How far to the front and the back it may reach, of a knot that is worked flat. */
  readonly flat?: number;
  readonly samples: number;
}
const CLEAR = 0.95;
export const distance = (a: Point, b: Point): number => Math.hypot(a[0] - b[0], a[1] - b[1], a[2] - b[2]);

/** Cells fall on numbers; two far apart on the same one do no harm. */
const keyOf = (x: number, y: number, z: number): number => (x * 73856093) ^ (y * 19349663) ^ (z * 83492791);

/** Points at even spacing along a smooth curve. */
function spread(points: readonly Point[], count: number): Mutable[] {
  const line = sampleOpen(points, 6);
  const at = [0];
  for (let i = 1; i < line.length; i++) at.push(at[i - 1]! + distance(line[i]!, line[i - 1]!));
  return Array.from({ length: count }, (_, i): Mutable => {
    const s = (at.at(-1)! * i) / (count - 1);
    const j = Math.max(
      1,
      at.findIndex((d, k) => k > 0 && d >= s - 1e-9),
    );
    const t = (s - at[j - 1]!) / (at[j]! - at[j - 1]!);
    return [0, 1, 2].map((k) => line[j - 1]![k]! * (1 - t) + line[j]![k]! * t) as Mutable;
  });
}

/** Pulls every point towards its neighbours and pushes it off whatever is nearer than the clearance, ever more firmly. */
export function tighten({ strands, paired, core, flat = Infinity, samples: n }: Start, rounds = 8000): Mutable[][] {
  const points = strands.flatMap((strand) => spread(strand, n));
  for (let round = 0; round < rounds; round++) {
    const firm = 6 * Math.min(8, 1 + (round / rounds) * 10);
    const step = Math.min(0.02, 0.24 / firm);
    const skip = Math.ceil((1.6 * CLEAR) / distance(points[1]!, points[0]!));
    const all: Point[] = [...points, ...(paired ? points.map(([x, y, z]): Point => [-x, y, -z]) : [])];
    // Neighbours are looked for in the cells about each point.
    const cells = new Map<number, number[]>();
    const cell = (p: Point): [number, number, number] => [Math.floor(p[0]), Math.floor(p[1]), Math.floor(p[2])];
    all.forEach((p, i) => {
      const key = keyOf(...cell(p));
      const own = cells.get(key);
      if (own) own.push(i);
      else cells.set(key, [i]);
    });
    const moves = points.map((p, i): Mutable => {
      const f: Mutable = [0, 0, 0];
      const place = i % n;
      for (const j of [place > 0 ? i - 1 : -1, place < n - 1 ? i + 1 : -1])
        if (j >= 0) {
          const q = points[j]!;
          const w = 0.5 / (distance(p, q) || 1e-9) + 4;
          for (let k = 0; k < 3; k++) f[k]! += (q[k]! - p[k]!) * w;
        }
      if (Math.abs(p[2]) > flat) f[2] += Math.sign(p[2]) * firm * 3 * (flat - Math.abs(p[2]));
      const r = Math.hypot(p[0], p[2]) || 1e-6;
      if (core && r < CLEAR) {
        f[0] += (p[0] / r) * firm * 3 * (CLEAR - r);
        f[2] += (p[2] / r) * firm * 3 * (CLEAR - r);
      }
      const [cx, cy, cz] = cell(p);
      for (let c = 0; c < 27; c++) {
        const key = keyOf(cx + (c % 3) - 1, cy + (Math.floor(c / 3) % 3) - 1, cz + Math.floor(c / 9) - 1);
        for (const j of cells.get(key) ?? []) {
          if (Math.floor(j / n) === Math.floor(i / n) && Math.abs(i - j) < skip) continue;
          const q = all[j]!;
          const d = distance(p, q) || 1e-6;
          if (d < CLEAR) for (let k = 0; k < 3; k++) f[k]! += ((p[k]! - q[k]!) / d) * firm * (CLEAR - d) * 0.5;
        }
      }
      return f;
    });
    points.forEach((p, i) => {
      if (i % n === 0 || i % n === n - 1) return;
      for (let k = 0; k < 3; k++) p[k]! += Math.max(-0.05, Math.min(0.05, step * moves[i]![k]!));
    });
  }
  return strands.map((_, s) => points.slice(s * n, (s + 1) * n));
}

/** So many strands side by side along a knot drawn apart, in a ring or abreast. */
export function bundled(middle: readonly Point[], strands: number, loose: number, abreast = false): Point[][] {
  const reach = abreast ? 0.5 : 1 / (2 * Math.sin(Math.PI / strands));
  const apart = middle.map(([x, y, z]): Point => [x * loose, y * loose, z * loose]);
  return Array.from({ length: strands }, (_, s) => {
    const a = abreast ? Math.PI / 2 + s * Math.PI : (2 * Math.PI * s) / strands;
    let normal: Point = [1, 0, 0];
    return apart.map((p, i): Point => {
      const [q, r] = [apart[Math.max(0, i - 1)]!, apart[Math.min(apart.length - 1, i + 1)]!];
      const t = [0, 1, 2].map((k) => (r[k]! - q[k]!) / (distance(q, r) || 1)) as Mutable;
      const along = normal[0] * t[0] + normal[1] * t[1] + normal[2] * t[2];
      const off = [0, 1, 2].map((k) => normal[k]! - along * t[k]!) as Mutable;
      const size = Math.hypot(...off) || 1;
      normal = [off[0] / size, off[1] / size, off[2] / size];
      const other: Point = [
        t[1] * normal[2] - t[2] * normal[1],
        t[2] * normal[0] - t[0] * normal[2],
        t[0] * normal[1] - t[1] * normal[0],
      ];
      return [0, 1, 2].map((k) => p[k]! + reach * (Math.sin(a) * normal[k]! + Math.cos(a) * other[k]!)) as Mutable;
    });
  });
}
