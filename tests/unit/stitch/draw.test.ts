import { describe, expect, it } from 'vitest';
import { lengthOf, measureStitch, pictureOf, samplePath, STITCHES } from '../../../src/core/stitch';
import { CASES, clearance, geometryOf } from './tried';

/** Every stitch as it is tried, drawn apart as fluent, new and stiff hands draw it, and as far as a studio may say. */
const DRAWN = CASES.filter(({ around }) => around.draw === undefined).flatMap(({ slug, around }) =>
  [1.08, 1.24, 1.6].map((draw) => ({ slug, around: { ...around, draw }, tight: around })),
);
/** What is drawn up from knots; beads, tubes, weaves and wrapping are as long as they are, whoever makes them. */
const KNOTTED = [
  'square-knot',
  'half-knot-spiral',
  'double-spiral',
  'bead-on-core',
  'beads-on-workers',
  'edge-hitch',
  'eight-strand-panels',
];
const flat = (points: readonly (readonly number[])[]): number =>
  points.slice(1).reduce((sum, p, i) => sum + Math.hypot(p[0]! - points[i]![0]!, p[1]! - points[i]![1]!), 0);

describe('a stitch drawn apart', () => {
  it.each(DRAWN)('$slug keeps its centre lines apart around $around', ({ slug, around }) => {
    const { share, where } = clearance(geometryOf(slug, around));
    expect(share, where).toBeGreaterThanOrEqual(0.9);
  });

  it.each(DRAWN)('$slug joins end to end and is drawn as long as it is measured: $around', ({ slug, around }) => {
    const g = geometryOf(slug, around);
    const { use, pitch } = measureStitch(STITCHES[slug]!, around);
    const layers = pictureOf(g, g.divisions, 'front');
    expect(pitch).toBe(g.pitch);
    for (const path of g.working) {
      const points = samplePath(path, g.pitch);
      const [first, last] = [points[0]!, points.at(-1)!];
      expect(Math.hypot(last[0] - first[0], last[1] - first[1] - g.pitch, last[2] - first[2])).toBeLessThan(1e-9);
      const drawn = layers
        .filter(({ strand }) => strand === path.strand)
        .flatMap(({ runs }) => runs)
        .reduce((sum, run) => sum + flat(run), 0);
      expect(drawn).toBeCloseTo(flat(samplePath(path, g.pitch, 4)), 6);
      expect(lengthOf(points)).toBeCloseTo(use[path.strand]!, 6);
    }
  });

  it.each(DRAWN)('$slug takes more band, and far less more cord: $around', ({ slug, around, tight }) => {
    const [open, close] = [around, tight].map((as) => measureStitch(STITCHES[slug]!, as)) as [
      ReturnType<typeof measureStitch>,
      ReturnType<typeof measureStitch>,
    ];
    if (!KNOTTED.includes(slug)) {
      expect(open.pitch).toBe(close.pitch);
      expect(open.use).toEqual(close.use);
      return;
    }
    const longer = open.pitch / close.pitch - 1;
    expect(longer).toBeGreaterThan(0);
    for (const [strand, use] of Object.entries(open.use).filter(([name]) => !name.startsWith('core'))) {
      expect(use).toBeGreaterThan(close.use[strand]!);
      expect(use / close.use[strand]! - 1).toBeLessThan(longer);
    }
  });
});
