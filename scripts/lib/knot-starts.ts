// What knots are drawn tight from: each knot tied loosely, along y.
import type { Point } from '../../src/core/stitch';

/** So many turns down round the origin and a strand's own line beside it, and up again under them. */
export function hitch(turns: number): Point[] {
  const points: Point[] = [
    [0.95, -10, 0],
    [0.95, -4, 0],
    [0.95, -0.5 - turns * 0.8, 0],
    [0.95, 0.2, 0.1],
  ];
  for (let k = 0; k <= turns * 12 + 1; k++) {
    const a = ((30 + k * 30) * Math.PI) / 180;
    points.push([2.1 * Math.cos(a) + 0.3, 1 - k / 12, 2 * Math.sin(a)]);
  }
  const low = points.at(-1)![1];
  return [
    ...points,
    [1.4, low + 0.1, 1.25],
    [0.75, low + 0.8, 1.05],
    [0.55, 0.9, 1],
    [0.6, 2.2, 0.7],
    [0.95, 4, 0.1],
    [0.95, 10, 0],
  ];
}

/** A figure eight along y, from its polynomial. */
export const eight = (loose: number, aside: number): Point[] => [
  [0, -10, aside],
  ...Array.from({ length: 80 }, (_, i): Point => {
    const t = -2.12 + (4.24 * i) / 79;
    return [
      (t ** 3 - 3 * t) * 0.6 * loose,
      (t ** 7 - 42 * t) * 0.045 * loose,
      (t ** 5 - 5 * t ** 3 + 4 * t) * 0.3 * loose + aside,
    ];
  }),
  [0, 10, aside],
];

/** One of two strands of the button knot: one and a half times round a ball over and under by turns, past the other's start, and up inside. */
export function ball(): Point[] {
  const signs = [-0.5, -0.25, 0.25, 0.5, 1, 1.25, 1.75, 2, 2.5, 2.75, 3.25];
  const overUnder = (t: number): number => {
    const i = Math.max(
      0,
      signs.findIndex((_, k) => t >= signs[k]! && t <= (signs[k + 1] ?? Infinity)),
    );
    return (i % 2 === 0 ? 1 : -1) * Math.cos((Math.PI * (t - signs[i]!)) / (signs[i + 1]! - signs[i]!));
  };
  const points: Point[] = [
    [0.5, -12, 0],
    [0.5, -6, 0],
    [0.7, -4.2, 0],
  ];
  for (let k = 0; k <= 50; k++) {
    const t = k * 0.06;
    const height = (-Math.cos((4 * t * Math.PI) / 3) * 52 * Math.PI) / 180;
    const r = 2.7 + 0.55 * overUnder(t) + (t > 2.95 ? 0.5 : 0);
    points.push([
      r * Math.cos(height) * Math.cos(t * Math.PI),
      r * Math.sin(height),
      r * Math.cos(height) * Math.sin(t * Math.PI),
    ]);
  }
  const inward = (r: number, y: number, degrees: number): Point => [
    r * Math.cos((degrees * Math.PI) / 180),
    y,
    r * Math.sin((degrees * Math.PI) / 180),
  ];
  return [
    ...points,
    inward(2, -2.6, 560),
    inward(1.6, -2.2, 590),
    inward(0.8, -1.4, 600),
    [-0.48, -0.4, -0.1],
    [-0.48, 1, 0],
    [-0.48, 4, 0],
    [-0.5, 12, 0],
  ];
}

/**
 * Two overhands, the second laid over the first: a wide one, and a small one where the strand comes into it, so that the wide one's turn
 * lies round it.
 *
 * @param knot one overhand drawn tight, along y
 */
export function stacked(knot: readonly Point[]): Point[] {
  const WIDE = 3;
  const wide = knot.map(([x, y, z]): Point => [x * WIDE, y * WIDE, z * WIDE]);
  const [x, z] = [wide[0]![0] - 1.2, wide[0]![2]];
  const into = knot.findIndex(([px], i) => i > 0 && px < -0.5);
  const small = knot
    .filter(([, y]) => Math.abs(y) < 2.6)
    .map(([px, py, pz]): Point => [px + x + 0.3, py - WIDE, pz + z]);
  return [[0, -24, 0], [x, -10, z], ...small, ...wide.slice(into)];
}

/**
 * The centre knot, left end to right: a loop, a bight of the right leg drawn up through it, and the right end down through two loops, one
 * from each face.
 */
export const centre = (loose: number): Point[] => {
  const way = [
    [-10, 0, 0],
    [-1, 0, 0],
    [0.6, 0.2, -1],
    [2, 2, 0],
    [2.2, 4, 0],
    [0, 5, 0],
    [-2, 4, 0],
    [-2, 2, 0],
    [-0.5, 0.5, 1],
    [1, -0.8, 1],
    [2.2, -1.5, 0],
    [3.4, 0.5, -1],
    [3.2, 2.7, -1],
    [1.2, 2.7, -1],
    [-0.5, 2.7, 1.2],
    [-6, 2.7, 1.2],
    [-6.2, 3.3, 1.2],
    [-0.5, 3.3, 1.2],
    [1.2, 3.3, -1],
    [3.5, 3.3, -1],
    [6, 3.3, 0],
    [6, 7, 2],
    [-4, 7, 2],
    [-4, 4, 2],
    [-4, 3.1, 2.2],
    [-4, 2.9, 0.2],
    [-4, 2.2, 0],
    [-3.6, 1.9, -5],
    [1, 6, -5],
    [1, 6.3, 6],
    [12, 6.6, 6],
    [16, 4, 2],
    [18, 0, 0],
    [24, 0, 0],
  ].map(([x, y, z]): Point => [-y! * loose, x! * loose, z! * loose]);
  // Straight from place to place: a smooth curve through so few would cut its own corners.
  return way.slice(1).flatMap((to, i): Point[] => {
    const from = way[i]!;
    const parts = Math.max(1, Math.ceil(Math.hypot(...[0, 1, 2].map((k) => to[k]! - from[k]!)) / 0.6));
    return Array.from({ length: parts }, (_, n): Point => {
      const at = (k: number): number =>
        from[k]! + ((to[k]! - from[k]!) * (n + (i === way.length - 2 && n === parts - 1 ? 1 : 0))) / parts;
      return [at(0), at(1), at(2)];
    });
  });
};

/** One of two legs turned back round both, half a turn from the other: behind them, and to the front through the other's loop, out to the side. */
export const turnedBack = (): Point[] => [
  [0.5, -3, 0],
  [0.5, 0, 0],
  [0.5, 2.4, 0],
  [1.1, 3.4, 0],
  [2, 3.3, -0.2],
  [2.5, 2.4, -0.4],
  [2, 1.4, -0.9],
  [1, 1.1, -1.1],
  [0, 1.1, -1.15],
  [-0.9, 1.3, -1.05],
  [-1.45, 2, -0.1],
  [-1.6, 2.3, 0.9],
  [-2.3, 2.3, 1.5],
  [-3.5, 2.1, 1.3],
  [-6, 2, 0.6],
];
