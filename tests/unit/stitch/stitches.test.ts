import { describe, expect, it } from 'vitest';
import {
  lengthOf,
  measureStitch,
  pictureOf,
  samplePath,
  STITCHES,
  type Around,
  type Point,
  type StitchGeometry,
  type StrandPath,
} from '../../../src/core/stitch';

const TWO: Around = { strands: 2, diameter: 1 };
/** What each stitch is tried around: as it is used, and thicker, thinner, wider. */
const TRIED: Record<string, Around[]> = {
  'square-knot': [TWO, { strands: 4, diameter: 0.8 }],
  'half-knot-spiral': [TWO, { strands: 4, diameter: 1 }, { strands: 2, diameter: 1.4 }],
  'double-spiral': [TWO, { strands: 2, diameter: 1.5 }, { strands: 3, diameter: 1 }],
  'bead-row': [
    {
      strands: 0,
      diameter: 1,
      beads: [
        { length: 5, width: 5 },
        { length: 2, width: 3 },
      ],
    },
  ],
  'bead-on-core': [1, 2].map((strands) => ({ strands, diameter: 1, beads: [{ length: 4, width: 4 }] })),
  'beads-on-workers': [1, 2].map((strands) => ({ strands, diameter: 1, beads: [{ length: 3, width: 3 }] })),
  'wrapped-braid': [{ strands: 1, diameter: 1 }],
  'edge-hitch': [
    { strands: 1, diameter: 1 },
    { strands: 1, diameter: 1.5 },
  ],
  'alternating-panels': [TWO],
  ladder: [
    { strands: 2, diameter: 4, beads: [{ length: 9, width: 9 }] },
    { strands: 2, diameter: 2, beads: [{ length: 5, width: 4 }] },
  ],
  'tube-cross': [{ strands: 0, diameter: 1, beads: [{ length: 5, width: 2 }] }],
  wrap: [TWO, { strands: 5, diameter: 1 }, { strands: 7, diameter: 0.7 }],
  'centre-knot': [{ strands: 0, diameter: 1 }],
  plain: [TWO],
};
const CASES = Object.entries(TRIED).flatMap(([slug, arounds]) => arounds.map((around) => ({ slug, around })));

const gap = (p: Point, q: Point): number => Math.hypot(p[0] - q[0], p[1] - q[1], p[2] - q[2]);

/** A strand over some repeats, with the length along it at each point. */
function over(path: StrandPath, g: StitchGeometry, repeats: number[]): { points: Point[]; along: number[] } {
  // Long tables are close enough in their control points.
  const one = samplePath(path, g.pitch, path.points.length > 60 ? 2 : 8).slice(0, -1);
  const points = repeats.flatMap((k) => one.map(([x, y, z]): Point => [x, y + k * g.pitch, z]));
  let sum = 0;
  return { points, along: points.map((p, i) => (sum += i === 0 ? 0 : gap(p, points[i - 1]!))) };
}

/** How far two centre lines stay apart, in working diameters, once the strands' own thicknesses are made one diameter. */
function clearance(g: StitchGeometry): { share: number; where: string } {
  const paths = [...g.core, ...g.working];
  const around = g.pitch > 12 ? [-1, 0, 1] : [-3, -2, -1, 0, 1, 2, 3];
  let worst = { share: Infinity, where: '' };
  for (const [i, path] of paths.entries()) {
    const one = over(path, g, around);
    const n = one.points.length / around.length;
    const from = n * around.indexOf(0);
    for (const other of paths.slice(i)) {
      const its = other === path ? one : over(other, g, around);
      const need = ((path.thick ?? 1) + (other.thick ?? 1)) / 2;
      for (let k = from; k < from + n; k++) {
        for (let j = 0; j < its.points.length; j++) {
          // A strand is near itself where it is itself: compare only what lies well past its own bend.
          if (other === path && Math.abs(one.along[k]! - its.along[j]!) < 2 * need) continue;
          const share = gap(one.points[k]!, its.points[j]!) - need + 1;
          if (share < worst.share)
            worst = {
              share,
              where: `${path.strand} at ${one.points[k]!.map((v) => v.toFixed(1)).join()} and ${other.strand}`,
            };
        }
      }
    }
  }
  return worst;
}

interface Crossing {
  readonly strand: string;
  readonly other: string;
  readonly over: boolean;
  readonly at: number;
}

/** Every crossing that a strand makes in one repeat as seen from the front, in the order along it. */
function crossingsOf(g: StitchGeometry, name: string): Crossing[] {
  const path = [...g.working, ...g.core].find((p) => p.strand === name)!;
  const mine = [...over(path, g, [0]).points, over(path, g, [1]).points[0]!];
  const found: Crossing[] = [];
  for (const other of [...g.working, ...g.core]) {
    const its = over(other, g, [-2, -1, 0, 1, 2]).points;
    for (let i = 0; i + 1 < mine.length; i++) {
      for (let j = 0; j + 1 < its.length; j++) {
        const [p, q, r, s] = [mine[i]!, mine[i + 1]!, its[j]!, its[j + 1]!];
        const d = (q[0] - p[0]) * (s[1] - r[1]) - (q[1] - p[1]) * (s[0] - r[0]);
        if (Math.abs(d) < 1e-12) continue;
        const t = ((r[0] - p[0]) * (s[1] - r[1]) - (r[1] - p[1]) * (s[0] - r[0])) / d;
        const u = ((r[0] - p[0]) * (q[1] - p[1]) - (r[1] - p[1]) * (q[0] - p[0])) / d;
        if (!(t >= 0 && t < 1 && u >= 0 && u < 1)) continue;
        const [z, w] = [p[2] + t * (q[2] - p[2]), r[2] + u * (s[2] - r[2])];
        if (other.strand === name && Math.abs(z - w) < 0.2) continue;
        found.push({ strand: name, other: other.strand, over: z > w, at: i + t });
      }
    }
  }
  return found.sort((a, b) => a.at - b.at);
}
const passes = (g: StitchGeometry, name: string, other: string | RegExp): string =>
  crossingsOf(g, name)
    .filter((c) => (typeof other === 'string' ? c.other === other : other.test(c.other)))
    .map((c) => (c.over ? 'o' : 'u'))
    .join('');
const geometryOf = (slug: string, around = TRIED[slug]![0]!): StitchGeometry => STITCHES[slug]!.geometry(around);

/** The hand of each crossing of two strands over one repeat: +1 or −1, as a mathematician counts them. */
function crossingSigns(g: StitchGeometry, name: string, other: string): number[] {
  const mine = over(
    g.working.find((p) => p.strand === name)!,
    g,
    [0, 1],
  ).points;
  const n = mine.length / 2;
  const its = over(
    g.working.find((p) => p.strand === other)!,
    g,
    [-2, -1, 0, 1, 2],
  ).points;
  const signs: number[] = [];
  for (let i = 0; i < n; i++) {
    for (let j = 0; j + 1 < its.length; j++) {
      const [p, q, r, s] = [mine[i]!, mine[i + 1]!, its[j]!, its[j + 1]!];
      const d = (q[0] - p[0]) * (s[1] - r[1]) - (q[1] - p[1]) * (s[0] - r[0]);
      const t = ((r[0] - p[0]) * (s[1] - r[1]) - (r[1] - p[1]) * (s[0] - r[0])) / d;
      const u = ((r[0] - p[0]) * (q[1] - p[1]) - (r[1] - p[1]) * (q[0] - p[0])) / d;
      if (!(t >= 0 && t < 1 && u >= 0 && u < 1)) continue;
      const above = p[2] + t * (q[2] - p[2]) > r[2] + u * (s[2] - r[2]);
      signs.push(Math.sign(d) * (above ? 1 : -1));
    }
  }
  return signs;
}

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

describe('what knot each stitch ties', () => {
  const two = (slug: string): StitchGeometry => geometryOf(slug);

  it('half knot spiral: every half knot of one hand, so that it turns', () => {
    const square = crossingSigns(two('square-knot'), 'a', 'b');
    const spiral = crossingSigns(two('half-knot-spiral'), 'a', 'b');
    // Six crossings in a square knot, three of each hand. Twelve half knots of one hand are 36, less the two that the pair
    // gives back by turning once round the core itself.
    expect(square.reduce((sum, sign) => sum + sign, 0)).toBe(0);
    expect(Math.abs(spiral.reduce((sum, sign) => sum + sign, 0))).toBe(12 * 3 - 2);
  });

  it('double spiral: each strand crosses its partner as in a half knot, and the other pair not at all but in passing', () => {
    const partner = crossingSigns(two('double-spiral'), 'a', 'b');
    expect(Math.abs(partner.reduce((sum, sign) => sum + sign, 0))).toBe(6);
    for (const other of ['c', 'd']) {
      const signs = crossingSigns(two('double-spiral'), 'a', other);
      expect(signs.length % 2).toBe(0);
    }
  });

  it('wrapped braid: each leg goes once round the middle strand, over it and then under', () => {
    const g = two('wrapped-braid');
    expect([...passes(g, 'a', 'core 1')].sort().join('')).toBe('ou');
    expect([...passes(g, 'b', 'core 1')].sort().join('')).toBe('ou');
  });

  it('edge hitch: round the carried strand, and its own bar over its end', () => {
    const g = two('edge-hitch');
    expect([...passes(g, 'a', 'core 1')].sort().join('')).toBe('ou');
    const own = crossingsOf(g, 'a').filter((c) => c.other === 'a');
    expect(own.filter((c) => c.over).length).toBeGreaterThan(0);
    expect(own.filter((c) => c.over).length).toBe(own.filter((c) => !c.over).length);
  });

  it('ladder: over the first leg, under the second and back over it, under the first', () => {
    const g = two('ladder');
    expect(passes(g, 'a', 'core 2')).toBe('uo');
    expect([...passes(g, 'a', 'core 1')].sort().join('')).toBe('ou');
    // Both passes run inside the bead.
    const inside = samplePath(g.working[0]!, g.pitch).filter(([x]) => Math.abs(x) < 2);
    expect(inside.every(([, , z]) => Math.abs(z) < 0.5)).toBe(true);
  });

  it('tubes: both legs through every tube, from opposite sides, changing sides each time', () => {
    const g = two('tube-cross');
    const [a, b] = g.working.map((path) => samplePath(path, g.pitch)) as [Point[], Point[]];
    const side = (points: Point[], y: number): number =>
      Math.sign(points.reduce((near, p) => (Math.abs(p[1] - y) < Math.abs(near[1] - y) ? p : near))[0]);
    expect(side(a, g.pitch / 2)).toBe(1);
    expect(side(a, g.pitch)).toBe(-1);
    expect(side(b, g.pitch / 2)).toBe(-1);
  });

  it('wrap: once round the bundle each turn', () => {
    const points = samplePath(two('wrap').working[0]!, two('wrap').pitch);
    let turned = 0;
    for (let i = 1; i < points.length; i++) {
      const [p, q] = [points[i - 1]!, points[i]!];
      turned += Math.atan2(p[2] * q[0] - p[0] * q[2], p[0] * q[0] + p[2] * q[2]);
    }
    expect(turned / (2 * Math.PI)).toBeCloseTo(1, 6);
  });

  it('centre knot: three crossings, over and under in turn all along', () => {
    const own = crossingsOf(two('centre-knot'), 'a').map((c) => (c.over ? 'o' : 'u'));
    expect(own).toHaveLength(6);
    expect(own.every((pass, i) => i === 0 || pass !== own[i - 1])).toBe(true);
  });

  it('bead row: the overhand knot behind each bead, three crossings', () => {
    expect(crossingsOf(two('bead-row'), 'a').length % 2).toBe(0);
    expect(crossingsOf(two('bead-row'), 'a').length).toBeGreaterThanOrEqual(6);
  });

  it('beads: the square knot stays a square knot around them', () => {
    for (const slug of ['bead-on-core', 'beads-on-workers']) {
      const signs = crossingSigns(geometryOf(slug, TRIED[slug]![1]!), 'a', 'b');
      expect(signs).toHaveLength(6);
      expect(signs.reduce((sum, sign) => sum + sign, 0)).toBe(0);
    }
  });

  it('alternating panels: a square knot of the inner strands, then three hitches over each of them', () => {
    const g = two('alternating-panels');
    const signs = crossingSigns(g, 'b', 'c');
    expect(signs.reduce((sum, sign) => sum + sign, 0)).toBe(0);
    expect(passes(g, 'a', 'b').length).toBeGreaterThanOrEqual(6);
    expect(passes(g, 'd', 'c').length).toBe(passes(g, 'a', 'b').length);
  });
});
