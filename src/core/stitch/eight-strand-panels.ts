import { edgeHitch } from './edge-hitch';
import { EDGE, HALF_PITCH, squareKnotStrand } from './square-knot';
import { CORE_SPACING } from './straight';
import type { Around, Point, Stitch, StitchGeometry, StrandPath } from './strand';

/** Square knots in each panel, and pairs of hitches of a border beside those of row one. */
const KNOTS = 2;
const PAIRS = 2;
/** How far from its middle a panel's edge strand waits, round two strands and round one. */
const WIDE = 2.49;
const NARROW = 2.02;

/** Room between rows, in which strands that waited come in to tie and others go out. */
const BETWEEN = 3.6;

/** Room before and behind a row, so that no knot stands in the next one’s. */
const ROOM = 1;

/** Knots beside strands that wait are not drawn up as tight as in a row of their own. */
const APART = 1.085;

const moved =
  (x: number, y: number, mirror: 1 | -1 = 1) =>
  (p: Point): Point => [x + mirror * p[0], y + p[1], mirror * p[2]];

/** From one place straight to another, as points up to but without the last. */
const straight = (x: number, from: number, to: number, n = 6): Point[] =>
  Array.from({ length: n }, (_, i): Point => [x, from + ((to - from) * i) / n, 0]);

/** One strand of a square knot, from its edge across and back to it, so many times; its edge is at `x` from the panel's middle. */
function knotting(around: Around, from: number, middle: number, mirror: 1 | -1): Point[] {
  const a = squareKnotStrand(around);
  const pitch = 2 * HALF_PITCH * (around.draw ?? 1);
  const edge = a[EDGE]!;
  const once = [...a.slice(EDGE).map(([x, y, z]): Point => [x, y - pitch, z]), ...a.slice(0, EDGE)];
  return Array.from({ length: KNOTS }, (_, k) =>
    once.map(moved(middle, from - (edge[1] - pitch) + k * pitch, mirror)),
  ).flat();
}

function geometry(around: Pick<Around, 'draw'>): StitchGeometry {
  const draw = (around.draw ?? 1) * APART;
  const row = KNOTS * 2 * HALF_PITCH * draw;
  const hitch = edgeHitch.geometry({ strands: 1, diameter: 1.05, draw });
  const gap = BETWEEN;
  const pitch = 2 * row + 2 * gap;
  // Row one in the middle: the centres round both inner strands. Row two: each outer with its inner round a centre.
  const inner = CORE_SPACING / 2;
  const centre = WIDE + 0.06;
  const outer = centre + NARROW;
  const second = row + gap;
  const last = second + row;
  const one = (side: 1 | -1): StrandPath[] => {
    const name = (left: string, right: string): string => (side < 0 ? left : right);
    const at = (x: number): number => side * x;
    const facing = side < 0 ? 1 : -1;
    const away = side < 0 ? -1 : 1;
    // Pair after pair, but for the way round the outside to the next.
    const hitches = (from: number): Point[] =>
      Array.from({ length: PAIRS }, (_, k) =>
        hitch.working[0]!.points.map(([x, y, z]): Point => [side * (outer + x), from + y + k * hitch.pitch, z]),
      )
        .flat()
        .slice(0, -3);
    const done = PAIRS * hitch.pitch;
    return [
      {
        strand: name('a', 'h'),
        points: [
          ...hitches(0.4),
          ...straight(at(outer + 2.1), done + 1.2, pitch - 0.8, 12),
          [at(outer + 1.95), pitch - 0.5, 1.5],
        ],
      },
      {
        strand: name('b', 'g'),
        points: [
          ...straight(at(outer), 0, second, 12),
          ...knotting({ strands: 1, diameter: 1, draw }, second, at(centre), facing),
          ...straight(at(outer), last, pitch, 4),
        ],
      },
      {
        strand: name('c', 'f'),
        points: [
          ...knotting({ strands: 2, diameter: 1, draw }, ROOM / 2, 0, facing),
          ...straight(at(centre), row + ROOM, pitch, 16),
        ],
      },
      {
        strand: name('d', 'e'),
        points: [
          ...straight(at(inner), 0, row + 0.8, 10),
          ...straight(at(inner + 0.06), row + 0.8, second, 3),
          ...knotting({ strands: 1, diameter: 1, draw }, second, at(centre), away),
          ...straight(at(inner + 0.06), last, pitch, 4),
        ],
      },
    ];
  };
  return { pitch, divisions: 1, halfKnots: 4 * KNOTS, working: [...one(-1), ...one(1)], core: [] };
}

/**
 * Eight strands in three panels by turns: border, A, centre, A, B, centre, B, border. First the two centres tie square knots round
 * the inner A and B, while each border hitches over its outer neighbour; then the As tie round their centre and the Bs round theirs.
 */
export const eightStrandPanels: Stitch = {
  slug: 'eight-strand-panels',
  name: 'Panels of eight strands',
  geometry,
  beads: 0,
  effort: 12,
  difficulty: 3,
  steps: [
    {
      text: 'Row one: the two centre strands tie two square knots round the inner A and the inner B.',
      active: 'c',
      reached: { a: 0, b: 0.3, c: 0.6, d: 0.2, e: 0.2, f: 0.6, g: 0.3, h: 0 },
    },
    {
      text: 'Each border strand makes two pairs of hitches over its outer neighbour, beside the knots: over, then under.',
      active: 'a',
      reached: { a: 0.8, b: 0.35, c: 0.65, d: 0.25, e: 0.25, f: 0.65, g: 0.35, h: 0.8 },
    },
    {
      text: 'Row two: the two As tie two square knots round their centre strand, and the Bs round theirs. The borders wait.',
      active: 'b',
      reached: { a: 1, b: 1, c: 1, d: 1, e: 1, f: 1, g: 1, h: 1 },
    },
  ],
  watch: 'Keep the strands in their order: one that changes places changes the colours from there on.',
};
