import { lengthOf, sampleOpen, type Point } from '../../stitch';

/**
 * A strand's way through a part, in mm: x across the band, y away from the band's edge, z to the front. Control points of a
 * smooth curve; its length is what the part uses of that leg.
 */
export interface Way {
  /** Which of the part's legs it is; where one leg ties and the others stand, the first ties. */
  readonly leg: number;
  readonly points: readonly Point[];
}

/**
 * Length, mm, of a way along its centre line.
 *
 * @example
 * wayLength([[0, 0, 0], [3, 4, 0]]) // 5
 */
export const wayLength = (points: readonly Point[]): number => lengthOf(sampleOpen(points));

/**
 * A way that is as long as it must be: what is free of its shape, how far a loop stands out or a turn bulges, is found by halving.
 *
 * @param mm length it must have
 * @param make the way for so much of what is free; longer for more
 * @param most of what is free
 */
export function fitted(mm: number, make: (free: number) => readonly Point[], most: number): readonly Point[] {
  let [low, high] = [0, most];
  for (let i = 0; i < 40; i++) {
    const middle = (low + high) / 2;
    if (wayLength(make(middle)) < mm) low = middle;
    else high = middle;
  }
  return make((low + high) / 2);
}

/** A straight way along the band. */
export const straight = (x: number, from: number, to: number, z = 0): Point[] => [
  [x, from, z],
  [x, to, z],
];

/** Where so many strands lie side by side, mm from the middle. */
export const sideBySide = (strands: number, d: number): number[] =>
  Array.from({ length: strands }, (_, i) => (i - (strands - 1) / 2) * d);

/** The same way on the other side. */
export const mirrored = (points: readonly Point[]): Point[] => points.map(([x, y, z]) => [-x, y, z]);

/** The same way half a turn about the band's middle line. */
export const turnedHalf = (points: readonly Point[]): Point[] => points.map(([x, y, z]) => [-x, y, -z]);
