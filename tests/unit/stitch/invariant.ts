import type { Point } from '../../../src/core/stitch';

interface Crossing {
  readonly over: number;
  readonly under: number;
  readonly sign: number;
}

/** A strand whose ends are joined far outside, looked at from a little aside, so that no two crossings fall together. */
function closed(points: readonly Point[]): Point[] {
  const [first, last] = [points[0]!, points.at(-1)!];
  return [
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
}

function crossingsIn(all: readonly Point[]): Crossing[] {
  const n = all.length;
  const crossings: Crossing[] = [];
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
      crossings.push(
        isOver
          ? { over: i + t, under: j + u, sign: Math.sign(flat) }
          : { over: j + u, under: i + t, sign: -Math.sign(flat) },
      );
    }
  return crossings;
}

function determinantOf(rows: number[][]): number {
  let product = 1;
  for (let c = 0; c < rows.length; c++) {
    const pivot = rows
      .slice(c)
      .reduce((best, row, i) => (Math.abs(row[c]!) > Math.abs(rows[best]![c]!) ? c + i : best), c);
    if (Math.abs(rows[pivot]![c]!) < 1e-9) return 0;
    [rows[c], rows[pivot]] = [rows[pivot]!, rows[c]!];
    product *= rows[c]![c]!;
    for (const row of rows.slice(c + 1)) {
      const by = row[c]! / rows[c]![c]!;
      for (let k = c; k < rows.length; k++) row[k]! -= by * rows[c]![k]!;
    }
  }
  return product;
}

/**
 * The Alexander polynomial of a knot at a whole number t, without its sign and its powers of t: at −1 it is the determinant, 1 for no knot,
 * 3 for the overhand, 5 for it with a turn more and for the figure eight.
 */
export function alexander(points: readonly Point[], t = -1): number {
  const crossings = crossingsIn(closed(points));
  const unders = crossings.map(({ under }) => under).sort((a, b) => a - b);
  const m = unders.length;
  if (m < 3) return 1;
  const arcAt = (place: number): number =>
    Math.max(
      0,
      unders.findIndex((under) => under > place),
    );
  // Each crossing: the arc over it, and the two that end and begin under it; one row and column less.
  const rows = crossings.map(({ over, under, sign }) => {
    const row = new Array<number>(m).fill(0);
    const into = unders.indexOf(under);
    const out = (into + 1) % m;
    row[arcAt(over)]! += 1 - t;
    row[into]! += sign > 0 ? t : -1;
    row[out]! += sign > 0 ? -1 : t;
    return row.slice(0, m - 1);
  });
  rows.pop();
  let value = Math.round(Math.abs(determinantOf(rows)));
  while (Math.abs(t) > 1 && value > 0 && value % Math.abs(t) === 0) value /= Math.abs(t);
  return value;
}
