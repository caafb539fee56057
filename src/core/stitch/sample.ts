import type { Point, StrandPath } from './strand';

/** Samples per stretch between two control points; the length changes by less than 0.1 % when this is doubled. */
export const SAMPLES = 8;

/** The control point i of a path that repeats: indices below 0 and past the end fall into neighbouring repeats. */
function controlPoint(points: readonly Point[], pitch: number, i: number): Point {
  const n = points.length;
  const repeat = Math.floor(i / n);
  const [x, y, z] = points[i - repeat * n]!;
  return [x, y + repeat * pitch, z];
}

/** Catmull-Rom spline through b and c (a and d shape the ends), one coordinate at t from 0 to 1. */
function spline(a: number, b: number, c: number, d: number, t: number): number {
  return 0.5 * (2 * b + (c - a) * t + (2 * a - 5 * b + 4 * c - d) * t * t + (3 * b - a - 3 * c + d) * t * t * t);
}

/** A smooth curve through so many stretches of control points, told by their places; what lies before and past them shapes its ends. */
function curve(at: (i: number) => Point, stretches: number, samples: number): Point[] {
  const out: Point[] = [];
  for (let i = 0; i < stretches; i++) {
    const [a, b, c, d] = [at(i - 1), at(i), at(i + 1), at(i + 2)];
    for (let s = 0; s < samples; s++) {
      const t = s / samples;
      out.push([
        spline(a[0], b[0], c[0], d[0], t),
        spline(a[1], b[1], c[1], d[1], t),
        spline(a[2], b[2], c[2], d[2], t),
      ]);
    }
  }
  out.push(at(stretches));
  return out;
}

/**
 * Points along a strand's centre line over one repeat, both ends included; the last is the first moved by `pitch`.
 *
 * @param path control points, in worked diameters
 * @param pitch band length of the repeat, in worked diameters
 * @param samples points to each stretch between control points
 *
 * @example
 * samplePath({ strand: 'a', points: [[0, 0, 0], [0, 1, 0]] }, 1).length > 2 // true
 */
export const samplePath = ({ points }: StrandPath, pitch: number, samples = SAMPLES): Point[] =>
  curve((i) => controlPoint(points, pitch, i), points.length, samples);

/**
 * Points along a strand that ends: a smooth curve through all its control points, both ends included.
 *
 * @example
 * sampleOpen([[0, 0, 0], [0, 1, 0]]).at(-1) // [0, 1, 0]
 */
export const sampleOpen = (points: readonly Point[], samples = SAMPLES): Point[] =>
  curve((i) => points[Math.max(0, Math.min(points.length - 1, i))]!, points.length - 1, samples);

/**
 * Length of a sampled centre line, in the unit of its points.
 *
 * @example
 * lengthOf([[0, 0, 0], [3, 4, 0]]) // 5
 */
export function lengthOf(points: readonly Point[]): number {
  let sum = 0;
  for (let i = 1; i < points.length; i++) {
    const [a, b] = [points[i - 1]!, points[i]!];
    const [x, y, z] = [b[0] - a[0], b[1] - a[1], b[2] - a[2]];
    sum += Math.sqrt(x * x + y * y + z * z);
  }
  return sum;
}
