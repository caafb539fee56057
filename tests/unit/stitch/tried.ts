import {
  samplePath,
  STITCHES,
  type Around,
  type Point,
  type StitchGeometry,
  type StrandPath,
} from '../../../src/core/stitch';

export const TWO: Around = { strands: 2, diameter: 1 };
/** What each stitch is tried around: as it is used, and thicker, thinner, wider. */
export const TRIED: Record<string, Around[]> = {
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
  'bead-alone': [1, 2].map((strands) => ({ strands, diameter: 1, beads: [{ length: 4, width: 4 }] })),
  'bead-on-core': [1, 2].map((strands) => ({ strands, diameter: 1, beads: [{ length: 4, width: 4 }] })),
  'beads-on-workers': [1, 2].map((strands) => ({ strands, diameter: 1, beads: [{ length: 3, width: 3 }] })),
  'wrapped-braid': [{ strands: 1, diameter: 1 }],
  'wrapped-weave': [{ strands: 1, diameter: 1 }],
  'eight-strand-panels': [
    { strands: 1, diameter: 1 },
    { strands: 1, diameter: 1, draw: 1.18 },
  ],
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
export const CASES = Object.entries(TRIED).flatMap(([slug, arounds]) => arounds.map((around) => ({ slug, around })));

export const gap = ([a, b, c]: Point, [x, y, z]: Point): number =>
  Math.sqrt((a - x) * (a - x) + (b - y) * (b - y) + (c - z) * (c - z));

/** A strand over some repeats, with the length along it at each point. */
export function over(path: StrandPath, g: StitchGeometry, repeats: number[]): { points: Point[]; along: number[] } {
  // Long tables are close enough in their control points.
  const one = samplePath(path, g.pitch, path.points.length > 60 ? 2 : 8).slice(0, -1);
  const points = repeats.flatMap((k) => one.map(([x, y, z]): Point => [x, y + k * g.pitch, z]));
  let sum = 0;
  return { points, along: points.map((p, i) => (sum += i === 0 ? 0 : gap(p, points[i - 1]!))) };
}

/** How far two centre lines stay apart, in working diameters, once the strands' own thicknesses are made one diameter. */
export function clearance(g: StitchGeometry): { share: number; where: string } {
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
          // So far along the band alone, the two are no nearer than the nearest yet.
          if (Math.abs(one.points[k]![1] - its.points[j]![1]) - need + 1 >= worst.share) continue;
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

export interface Crossing {
  readonly strand: string;
  readonly other: string;
  readonly over: boolean;
  readonly at: number;
}

/** Every crossing that a strand makes in one repeat as seen from the front, in the order along it. */
export function crossingsOf(g: StitchGeometry, name: string): Crossing[] {
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
export const passes = (g: StitchGeometry, name: string, other: string | RegExp): string =>
  crossingsOf(g, name)
    .filter((c) => (typeof other === 'string' ? c.other === other : other.test(c.other)))
    .map((c) => (c.over ? 'o' : 'u'))
    .join('');
export const geometryOf = (slug: string, around = TRIED[slug]![0]!): StitchGeometry => STITCHES[slug]!.geometry(around);

/** The hand of each crossing of two strands over one repeat: +1 or −1, as a mathematician counts them. */
export function crossingSigns(g: StitchGeometry, name: string, other: string): number[] {
  const mine = over(
    g.working.find((p) => p.strand === name)!,
    g,
    [0, 1],
  ).points;
  const n = mine.length / 2;
  // A hair aside: strands that mirror each other would meet in their very points, and such a meeting be counted twice or not at all.
  const its = over(
    g.working.find((p) => p.strand === other)!,
    g,
    [-2, -1, 0, 1, 2],
  ).points.map(([x, y, z]): Point => [x + 1.3e-6, y + 1.7e-6, z]);
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
