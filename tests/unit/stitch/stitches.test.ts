import { describe, expect, it } from 'vitest';
import { lengthOf, measureStitch, pictureOf, samplePath, STITCHES } from '../../../src/core/stitch';
import { TRIED, CASES, clearance, geometryOf } from './tried';

describe('every stitch', () => {
  it('is tried here', () => {
    expect(Object.keys(TRIED).sort()).toEqual(Object.keys(STITCHES).sort());
  });

  it.each(CASES)('$slug keeps its centre lines apart around $around', ({ slug, around }) => {
    const { share, where } = clearance(geometryOf(slug, around));
    expect(share, where).toBeGreaterThanOrEqual(0.9);
  });

  it.each(CASES)('$slug joins end to end, and its length settles as sampling is refined', ({ slug, around }) => {
    const g = geometryOf(slug, around);
    for (const path of [...g.working, ...g.core]) {
      const points = samplePath(path, g.pitch);
      const [first, last] = [points[0]!, points.at(-1)!];
      expect(Math.hypot(last[0] - first[0], last[1] - first[1] - g.pitch, last[2] - first[2])).toBeLessThan(1e-9);
      const [coarse, fine, finest] = [8, 16, 64].map((n) => lengthOf(samplePath(path, g.pitch, n))) as [
        number,
        number,
        number,
      ];
      expect(fine).toBeGreaterThanOrEqual(coarse - 1e-9);
      expect((finest - coarse) / finest).toBeLessThan(0.003);
      // A strand is never shorter than the band it runs through.
      expect(coarse).toBeGreaterThanOrEqual(g.pitch - 1e-9);
    }
  });

  it.each(CASES)('$slug is drawn as it is measured, front and back', ({ slug, around }) => {
    const g = geometryOf(slug, around);
    const flat = (points: readonly (readonly number[])[]): number =>
      points.slice(1).reduce((sum, p, i) => sum + Math.hypot(p[0]! - points[i]![0]!, p[1]! - points[i]![1]!), 0);
    for (const side of ['front', 'back'] as const) {
      const layers = pictureOf(g, g.divisions, side);
      for (const path of [...g.working, ...g.core]) {
        const drawn = layers
          .filter((l) => l.strand === path.strand)
          .flatMap((l) => l.runs)
          .reduce((sum, run) => sum + flat(run), 0);
        expect(drawn).toBeCloseTo(flat(samplePath(path, g.pitch, 4)), 6);
      }
    }
  });

  it('uses more cord around something thicker, and nothing else changes', () => {
    for (const slug of ['square-knot', 'half-knot-spiral', 'double-spiral', 'edge-hitch', 'wrap']) {
      const use = (diameter: number) =>
        measureStitch(STITCHES[slug]!, { strands: slug === 'edge-hitch' ? 1 : 2, diameter });
      expect(use(1.3).use.a).toBeGreaterThan(use(1).use.a!);
      expect(use(1).use.a).toBeGreaterThan(use(0.8).use.a!);
      expect(use(1.3).pitch).toBe(use(1).pitch);
    }
  });
});
