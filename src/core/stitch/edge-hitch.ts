import { drawnApart, outward, straightCore } from './straight';
import type { Point, Stitch } from './strand';

/**
 * Strand a over one half hitch over a carried strand: its bar across the front, round behind, and up under its own bar. Found
 * by drawing it tight with the bar held over the end, as friction holds it (`scripts/tighten.ts edge-hitch`).
 */
const HITCH: readonly Point[] = [
  [0.98, 0, 1.7],
  [0.68, 0.04, 1.77],
  [0.38, 0.07, 1.76],
  [0.09, 0.09, 1.66],
  [-0.15, 0.1, 1.47],
  [-0.33, 0.09, 1.22],
  [-0.5, 0.09, 0.97],
  [-0.67, 0.08, 0.71],
  [-0.84, 0.07, 0.46],
  [-0.94, 0.07, 0.17],
  [-0.95, 0.07, -0.13],
  [-0.86, 0.06, -0.42],
  [-0.68, 0.06, -0.66],
  [-0.44, 0.05, -0.85],
  [-0.16, 0.05, -0.94],
  [0.15, 0.05, -0.94],
  [0.43, 0.05, -0.85],
  [0.68, 0.05, -0.67],
  [0.86, 0.05, -0.42],
  [0.95, 0.05, -0.13],
  [0.94, 0.05, 0.18],
  [0.83, 0.05, 0.48],
  [0.63, 0.02, 0.72],
  [0.65, 0.1, 0.8],
  [0.95, 0.31, 0.8],
  [1.22, 0.52, 0.95],
];
const PITCH = 1.6;

/** One hitch after another, all made over, over a strand a little thicker than one: `apart` from one to the next. */
export const OVER = {
  apart: 1.2,
  points: [...HITCH, [1.3, 0.75, 1.24] as const, [1.16, 0.94, 1.53] as const].map((p) => outward(p, 0.025)),
};

/** From where the end of a hitch over comes out to where the hitch under begins, round the outside. */
const OUTSIDE: readonly Point[] = [
  [1.7, 0.78, 0.7],
  [2.05, 0.98, 0],
  [1.85, 1.12, -0.8],
  [1.45, 1.2, -1.45],
];

const turnedOver = ([x, y, z]: Point): Point => [x, y + PITCH, -z];
/** One hitch over and one under, its mirror: a lark's head along the carried strand, which does not wind round it. */
const PAIR: readonly Point[] = [...HITCH, ...OUTSIDE, ...[...HITCH, ...OUTSIDE].map(turnedOver)];

export const edgeHitch: Stitch = {
  slug: 'edge-hitch',
  name: 'Pairs of half hitches',
  geometry: ({ strands, diameter, draw = 1 }) => {
    const by = (diameter * (1 + ((strands - 1) * 2) / Math.PI) - 1) / 2;
    return {
      pitch: 2 * PITCH * draw,
      divisions: 2,
      halfKnots: 0,
      working: [{ strand: 'a', points: PAIR.map((p) => drawnApart(draw)(outward(p, by))) }],
      core: straightCore(strands, diameter, 2 * PITCH * draw),
    };
  },
  beads: 0,
  effort: 0.6,
  difficulty: 2,
  steps: [
    {
      text: 'Hold the carried strand straight. Take the border over it, round behind it, and out through its own loop.',
      active: 'a',
      reached: { a: 0.5 },
    },
    {
      text: 'Take the border under it, round the front, and out through its own loop: a pair.',
      active: 'a',
      reached: { a: 1 },
    },
  ],
  watch: 'Over, then under, by turns: hitches that are all made over wind round the strand.',
};
