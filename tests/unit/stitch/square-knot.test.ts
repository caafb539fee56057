import { describe, expect, it } from 'vitest';
import {
  lengthOf,
  measureStitch,
  pictureOf,
  samplePath,
  STITCHES,
  type Point,
  type StitchGeometry,
  type StrandPath,
} from '../../../src/core/stitch';

const stitch = STITCHES['square-knot']!;
const AROUNDS = [1, 2, 3, 4].flatMap((strands) => [0.7, 1, 1.4].map((diameter) => ({ strands, diameter })));

/** A strand over several repeats, the middle one marked by `from` and `to`. */
function over(path: StrandPath, g: StitchGeometry, repeats: number[]): Point[] {
  const one = samplePath(path, g.pitch).slice(0, -1);
  return repeats.flatMap((k) => one.map(([x, y, z]): Point => [x, y + k * g.pitch, z]));
}
const gap = (p: Point, q: Point): number => Math.hypot(p[0] - q[0], p[1] - q[1], p[2] - q[2]);

interface Crossing {
  readonly other: string;
  readonly over: boolean;
  readonly sign: number;
  readonly x: number;
}

/** Every crossing seen from the front that strand a makes in one repeat, in the order along a. */
function crossings(g: StitchGeometry): Crossing[] {
  const a = over(g.working[0]!, g, [0, 1]).slice(0, samplePath(g.working[0]!, g.pitch).length);
  const found: (Crossing & { at: number })[] = [];
  for (const path of [g.working[1]!, ...g.core]) {
    const o = over(path, g, [-2, -1, 0, 1, 2]);
    for (let i = 0; i + 1 < a.length; i++) {
      for (let j = 0; j + 1 < o.length; j++) {
        const [p, q, r, s] = [a[i]!, a[i + 1]!, o[j]!, o[j + 1]!];
        const d = (q[0] - p[0]) * (s[1] - r[1]) - (q[1] - p[1]) * (s[0] - r[0]);
        const t = ((r[0] - p[0]) * (s[1] - r[1]) - (r[1] - p[1]) * (s[0] - r[0])) / d;
        const u = ((r[0] - p[0]) * (q[1] - p[1]) - (r[1] - p[1]) * (q[0] - p[0])) / d;
        if (!(t >= 0 && t < 1 && u >= 0 && u < 1)) continue;
        const above = p[2] + t * (q[2] - p[2]) > r[2] + u * (s[2] - r[2]);
        found.push({
          at: i + t,
          other: path.strand,
          over: above,
          sign: Math.sign(d) * (above ? 1 : -1),
          x: p[0] + t * (q[0] - p[0]),
        });
      }
    }
  }
  return found.sort((m, n) => m.at - n.at);
}

describe('square knot', () => {
  it.each(AROUNDS)('keeps every two centre lines at least 0.9 diameters apart around %o', (around) => {
    const g = stitch.geometry(around);
    const [a, b] = g.working.map((path) => over(path, g, [-2, -1, 0, 1, 2])) as [Point[], Point[]];
    const middle = over(g.working[0]!, g, [0]);
    let nearest = Infinity;
    for (const p of middle) {
      for (const q of b) nearest = Math.min(nearest, gap(p, q));
      // The surface of a core strand of another diameter lies half the difference nearer or further.
      for (const core of g.core)
        nearest = Math.min(nearest, Math.hypot(p[0] - core.points[0]![0], p[2]) - (around.diameter - 1) / 2);
    }
    // Past its own nearest stretch, a strand must clear itself as well: compare points more than two diameters along it apart.
    const along = a
      .map((_, i) => (i === 0 ? 0 : gap(a[i]!, a[i - 1]!)))
      .map(
        (
          (sum) => (d: number) =>
            (sum += d)
        )(0),
      );
    const n = middle.length;
    for (let i = 2 * n; i < 3 * n; i++) {
      for (let j = 0; j < a.length; j++)
        if (Math.abs(along[i]! - along[j]!) > 2) nearest = Math.min(nearest, gap(a[i]!, a[j]!));
    }
    expect(nearest).toBeGreaterThanOrEqual(0.9);
  });

  it('passes a in front of the core and b behind it, in both half knots', () => {
    const g = stitch.geometry({ strands: 2, diameter: 1 });
    const core = crossings(g).filter((c) => c.other.startsWith('core'));
    expect(core).toHaveLength(4);
    expect(core.every((c) => c.over)).toBe(true);
    const turned = crossings({ ...g, working: [g.working[1]!, g.working[0]!] }).filter((c) =>
      c.other.startsWith('core'),
    );
    expect(turned.every((c) => !c.over)).toBe(true);
  });

  it('is two opposite half knots: three crossings of one sign, then three of the other', () => {
    const working = crossings(stitch.geometry({ strands: 2, diameter: 1 })).filter((c) => c.other === 'b');
    expect(working).toHaveLength(6);
    // Along a: a crosses over b on the front, and under it at each edge, where b hooks over a and a behind b.
    expect(working.filter((c) => c.over).every((c) => Math.abs(c.x) < 0.5)).toBe(true);
    expect(working.filter((c) => !c.over).every((c) => Math.abs(c.x) > 1.5)).toBe(true);
    // A granny chain would have six of one sign; the square knot’s links cancel, so that it lies flat.
    const signs = [...working.slice(-1), ...working.slice(0, -1)].map((c) => c.sign);
    expect(new Set(signs.slice(0, 3)).size).toBe(1);
    expect(new Set(signs.slice(3)).size).toBe(1);
    expect(signs[0]).toBe(-signs[3]!);
  });

  it('uses the same on both sides, and joins end to end', () => {
    for (const around of AROUNDS) {
      const g = stitch.geometry(around);
      const { use } = measureStitch(stitch, around);
      expect(use.a).toBeCloseTo(use.b!, 9);
      for (const path of g.working) {
        const points = samplePath(path, g.pitch);
        const [first, last] = [points[0]!, points.at(-1)!];
        expect(last[0]).toBeCloseTo(first[0], 9);
        expect(last[1] - first[1]).toBeCloseTo(g.pitch, 9);
        expect(last[2]).toBeCloseTo(first[2], 9);
      }
    }
  });

  it('converges in length as sampling is refined', () => {
    const g = stitch.geometry({ strands: 2, diameter: 1 });
    const lengths = [4, 8, 16, 32].map((n) => lengthOf(samplePath(g.working[0]!, g.pitch, n)));
    expect(Math.abs(lengths[3]! - lengths[1]!) / lengths[3]!).toBeLessThan(0.001);
    for (let i = 1; i < lengths.length; i++) expect(lengths[i]).toBeGreaterThanOrEqual(lengths[i - 1]! - 1e-9);
  });

  it('comes out where makers find it: 4 to 5 times its length for each working strand', () => {
    const m = measureStitch(stitch, { strands: 2, diameter: 1 });
    expect(m.use.a! / m.pitch).toBeGreaterThan(4);
    expect(m.use.a! / m.pitch).toBeLessThan(5);
  });

  it('uses more around a wider or thicker core', () => {
    const use = (strands: number, diameter: number) => measureStitch(stitch, { strands, diameter }).use.a!;
    expect(use(3, 1)).toBeGreaterThan(use(2, 1));
    expect(use(4, 1)).toBeGreaterThan(use(3, 1));
    expect(use(2, 1.4)).toBeGreaterThan(use(2, 1));
  });

  it('draws what it measures: every stretch of every strand once, from front and from back', () => {
    const g = stitch.geometry({ strands: 2, diameter: 1 });
    const flat = (points: readonly (readonly number[])[]) =>
      points.slice(1).reduce((sum, p, i) => sum + Math.hypot(p[0]! - points[i]![0]!, p[1]! - points[i]![1]!), 0);
    for (const side of ['front', 'back'] as const) {
      const layers = pictureOf(g, 6, side);
      for (const path of [...g.working, ...g.core]) {
        const drawn = layers
          .filter((l) => l.strand === path.strand)
          .flatMap((l) => l.runs)
          .reduce((sum, run) => sum + flat(run), 0);
        expect(drawn).toBeCloseTo(3 * flat(samplePath(path, g.pitch, 4)), 6);
      }
    }
    // Seen from the front a lies on top of the core, from the back b does.
    const top = (side: 'front' | 'back') =>
      pictureOf(g, 2, side).findLast((layer) => layer.runs.some((run) => run.some(([x]) => Math.abs(x) < 0.2)))!.strand;
    expect(top('front')).toBe('a');
    expect(top('back')).toBe('b');
  });
});
