import { OVER } from './edge-hitch';
import { EDGE, HALF_PITCH, squareKnotStrand } from './square-knot';
import { CORE_SPACING } from './straight';
import type { Point, Stitch, StrandPath } from './strand';

/** Hitches in an edge panel: as many as come nearest the square knot's length. */
const HITCHES = 3;

/**
 * Six strands in two panels by turns. First the middle four tie a square knot, b and c in the middle, while the outermost run
 * past; then each outermost strand hitches over its neighbour, and the middle two run straight.
 */
export const alternatingPanels: Stitch = {
  slug: 'alternating-panels',
  name: 'Alternating panels',
  geometry: () => {
    const knot = 2 * HALF_PITCH;
    const panel = HITCHES * OVER.apart;
    const gap = 1.3;
    const pitch = knot + panel + 2 * gap;
    const neighbour = 2.55;
    const a = squareKnotStrand({ strands: 2, diameter: 1 });
    const side = a.reduce((far, p) => Math.max(far, p[0]), 0);
    const outer = side + 1.6;
    const straightUp = (x: number, from: number, to: number, n: number): Point[] =>
      Array.from({ length: n }, (_, i): Point => [x, from + ((to - from) * i) / n, 0]);
    // From the strand's own edge across and back to it, then waiting there as the strand hitched over.
    const across = [...a.slice(EDGE).map(([x, y, z]): Point => [x, y - knot, z]), ...a.slice(0, EDGE + 1)];
    const inner = (mirror: 1 | -1): Point[] => [
      ...across.map(([x, y, z]): Point => [mirror * x, y - across[0]![1], mirror * z]),
      ...straightUp(-mirror * neighbour, knot + gap, pitch - gap * 0.9, 8),
    ];
    const hitching = (mirror: 1 | -1): Point[] => {
      const hitches = Array.from({ length: HITCHES }, (_, k) =>
        OVER.points.map(([x, y, z]): Point => [mirror * (neighbour + x), knot + gap + 0.3 + y + k * OVER.apart, z]),
      ).flat();
      const led: Point = [mirror * (outer - 0.2), knot + gap + 0.3 + panel, 1.25];
      return [...straightUp(mirror * outer, 0, knot, 5), ...hitches.slice(0, -1), led];
    };
    const middle: StrandPath[] = [-1, 1].map((s, i) => ({
      strand: `core ${i + 1}`,
      points: straightUp((s * CORE_SPACING) / 2, 0, pitch, 4),
    }));
    return {
      pitch,
      divisions: 1,
      halfKnots: 2,
      working: [
        { strand: 'a', points: hitching(-1) },
        { strand: 'b', points: inner(1) },
        { strand: 'c', points: inner(-1) },
        { strand: 'd', points: hitching(1) },
      ],
      core: middle,
    };
  },
  beads: 0,
  effort: 6,
  difficulty: 3,
  steps: [
    {
      text: 'Middle panel: tie a square knot with strands two and five round the two in the middle.',
      active: 'b',
      reached: { a: 0.3, b: 0.6, c: 0.6, d: 0.3 },
    },
    {
      text: 'Edge panels: hitch the outermost strand three times over its neighbour, on each side.',
      active: 'a',
      reached: { a: 1, b: 1, c: 1, d: 1 },
    },
  ],
  watch: 'Keep the strands in their order: one that changes places changes the colours from there on.',
};
