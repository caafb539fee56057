import type { Fit } from '../fit';
import type { Piece } from '../project';
import type { Figures, Skill } from '../studio';

/** The first half knots of a piece are slower than the rest: this many. */
const LEARNING = 6;

/**
 * Minutes a seat works at its piece, from first fold to last end; an estimate, rounded up to whole minutes.
 *
 * @example
 * workingMinutes(piece, fit, 'new', figures) > workingMinutes(piece, fit, 'fluent', figures) // true
 */
export function workingMinutes(piece: Piece, fit: Fit, skill: Skill, figures: Figures): number {
  const perHalfKnot = {
    new: figures.half_knot_new,
    steady: figures.half_knot_steady,
    fluent: figures.half_knot_fluent,
  }[skill];
  const slower = { new: figures.part_slower_new, steady: figures.part_slower_steady, fluent: 1 }[skill];
  const ties = Object.values(piece.sections).reduce(
    (sum, { id, runs, arms }) =>
      sum + fit.counts[id]! * arms * runs.reduce((unit, { stitch, times }) => unit + times * stitch.effort, 0),
    0,
  );
  const learning = Math.min(LEARNING, ties);
  const knots = (ties + learning * (figures.slow_start - 1)) * perHalfKnot;
  const parts = Object.values(piece.parts).reduce((sum, { part }) => sum + part.seconds, 0);
  return Math.ceil((knots + parts * slower) / 60);
}
