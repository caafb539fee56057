import type { Fit, Size } from '../fit';
import { roundUpTo } from '../measure';
import type { Piece } from '../project';
import type { Figures, Role, School as SchoolSlug, Skill } from '../studio';
import { handlingTail, shortChance } from './allowance';
import { mergeLegs, totalOf, type AnatomyEntry } from './anatomy';
import { SCHOOL_LIST } from './schools';
import { walkLegs, type LegWalk } from './walk';

/** One length of cord to cut, so many times for the seat. `anatomy` sums to `length_mm`. */
export interface Cut {
  readonly role: Role;
  readonly cord: string;
  readonly colour: string;
  readonly pieces: number;
  readonly length_mm: number;
  readonly anatomy: readonly AnatomyEntry[];
}

/** A seat's cuts by one school, with what to expect of them. */
export interface CutPlan {
  readonly school: SchoolSlug;
  readonly cuts: readonly Cut[];
  readonly total_mm: number;
  /** Cord expected to be left when the piece is done, all pieces together; below zero it would not be enough. */
  readonly left_mm: number;
  /** Chance that the piece runs short. */
  readonly short: number;
}

/** Legs that are cut as one length: all legs of a cord folded in the middle, or each leg alone where every one has its own colour. */
function lengthsOf(legs: readonly LegWalk[]): LegWalk[][] {
  const cords = [...new Set(legs.map((leg) => leg.cord))];
  return cords.flatMap((cord) => {
    const its = legs.filter((leg) => leg.cord === cord);
    return cord.colours.length > 1 ? its.map((leg) => [leg]) : [its];
  });
}

/** The school's cuts for a fitted piece, rounded up to the studio's step last. */
export function cutPiece(
  piece: Piece,
  fit: Fit,
  size: Size,
  school: SchoolSlug,
  skill: Skill,
  figures: Figures,
): CutPlan {
  const legs = walkLegs(piece, fit);
  const context = { piece, fit, size, skill, figures, legs };
  const cuts: Cut[] = [];
  let left = 0;
  let short = 0;
  for (const together of lengthsOf(legs)) {
    const anatomy = mergeLegs(together.map((leg) => SCHOOL_LIST[school].leg(leg, context)));
    const length = roundUpTo(totalOf(anatomy), figures.cut_step);
    const { cord, colour } = together[0]!;
    const rounding: AnatomyEntry = {
      for: 'rounding',
      mm: length - totalOf(anatomy),
      because: `up to a step of ${figures.cut_step} mm`,
    };
    cuts.push({
      role: cord.use.role,
      cord: cord.cord.slug,
      colour,
      pieces: 1,
      length_mm: length,
      anatomy: [...anatomy, rounding],
    });

    const spare = length - totalOf(together.flatMap((leg) => leg.entries));
    const tails = together.filter((leg) => leg.works).length * handlingTail(skill, cord.cord, figures);
    const use = totalOf(together.flatMap((leg) => leg.entries).filter((entry) => entry.for === 'stitches'));
    left += spare;
    // Legs of one piece are tied by one maker and vary together, so the piece is judged by its worst length, not by a product.
    if (use > 0) short = Math.max(short, shortChance(spare - tails, use, skill, figures));
  }
  return {
    school,
    cuts,
    total_mm: cuts.reduce((sum, cut) => sum + cut.length_mm * cut.pieces, 0),
    left_mm: left,
    short,
  };
}
