import type { PlannedPiece, SaidOfPiece, YieldRecord } from '../../../src/core/record';

/** A band of 30 half knots in one cord: 400 mm of it in other things, 1,200 mm of path, 160 mm of tails. */
export const MADE: PlannedPiece = {
  held_on: '2030-05-04',
  project: 'band-buckle',
  revision: 1,
  skill: 'steady',
  child: false,
  half_knots: 30,
  knotted_mm: 150,
  tight_mm: 4,
  ties: 30,
  knotting: 10,
  parts: 4,
  figures: { draw: 1.12, spread: 0.045, half_knot: 15, part_slower: 1.6, tail: 80 },
  cords: [
    {
      role: 'whole',
      cord: 'satin-2',
      colour: 'race',
      pieces: 1,
      cut_mm: 1900,
      stitch: 'square-knot',
      stitches_mm: 1200,
      factor: 1,
      other_mm: 400,
      tail_mm: 160,
      ends: 2,
    },
  ],
};

let next = 0;
/** A record of such a piece. */
export const recordOf = (said: SaidOfPiece, changes: Partial<YieldRecord> = {}): YieldRecord => ({
  piece: `piece ${next++}`,
  session: 'evening',
  maker: `maker ${next % 7}`,
  planned: MADE,
  seen: null,
  said,
  ...changes,
});

/** What was left of its cord, each end apart. */
export const left = (...mm: number[]): SaidOfPiece => ({ left: { 0: { mm } } });
