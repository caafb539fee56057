import type { Fit, Size } from '../fit';
import { roundUpTo } from '../measure';
import type { Piece } from '../project';
import { origin, type Figures, type Role, type School as SchoolSlug, type Skill } from '../studio';
import { shortChance, tailOf } from './allowance';
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
  /** The school whose rule it was: `measured` where the one asked for says nothing of such a piece. */
  readonly rule: SchoolSlug;
  readonly cuts: readonly Cut[];
  readonly total_mm: number;
  /** Cord expected to be left when the piece is done, all pieces together; below zero it would not be enough. */
  readonly left_mm: number;
  /** Chance that the piece runs short. */
  readonly short: number;
}

/** The legs of each cord of the piece together: a cord is cut as one length. */
function byCord(legs: readonly LegWalk[]): LegWalk[][] {
  const cords = new Map<LegWalk['cord'], LegWalk[]>();
  for (const leg of legs) cords.set(leg.cord, [...(cords.get(leg.cord) ?? []), leg]);
  return [...cords.values()];
}

/**
 * The school's cuts for a fitted piece, rounded up to the studio's step last.
 *
 * @param fit the seat's own fit, which says what will be used
 * @param cutFor the fit the school cuts for: the seat's, or a larger one that is trimmed
 *
 * @example
 * cutPiece(piece, fit, { wrist: 165 }, 'measured', 'steady', figures).cuts.map((cut) => cut.role) // ['whole']
 */
export function cutPiece(
  piece: Piece,
  fit: Fit,
  size: Size,
  school: SchoolSlug,
  skill: Skill,
  figures: Figures,
  cutFor: Fit = fit,
): CutPlan {
  const legs = walkLegs(piece, cutFor);
  const cords = byCord(legs);
  const context = { piece, fit: cutFor, size, skill, figures, legs };
  const { suits } = SCHOOL_LIST[school];
  const rule = !suits || suits(context) ? school : 'measured';
  const cuts: Cut[] = [];
  let left = 0;
  let short = 0;
  const used = cutFor === fit ? cords : byCord(walkLegs(piece, fit));
  const anatomies = cords.map((together) => mergeLegs(together.map((leg) => SCHOOL_LIST[rule].leg(leg, context))));
  const lengths = anatomies.map((anatomy) => roundUpTo(totalOf(anatomy), figures.cut_step));
  const longest = Math.max(...lengths);
  const { alike = false } = piece.project;
  for (const [i, together] of cords.entries()) {
    const anatomy = anatomies[i]!;
    const length = alike ? longest : lengths[i]!;
    const { use: cordUse, cord, colour } = together[0]!.cord;
    const pieces = cordUse.pieces ?? 1;
    const rounding: AnatomyEntry = {
      for: 'rounding',
      mm: length - totalOf(anatomy),
      because:
        length > lengths[i]!
          ? origin('cut-alike', { longest_mm: longest }, `as long as the longest, ${longest} mm: all are cut alike`)
          : origin('rounded-up', { step_mm: figures.cut_step }, `up to a step of ${figures.cut_step} mm`),
    };
    cuts.push({
      role: cordUse.role,
      cord: cord.slug,
      colour,
      pieces,
      length_mm: length,
      anatomy: [...anatomy, rounding],
    });

    const own = used[i]!;
    const entries = own.flatMap((leg) => leg.entries);
    const spare = length - totalOf(entries);
    const tails = own.flatMap((leg) => leg.tails).reduce((sum, tail) => sum + tailOf(tail, skill, cord, figures), 0);
    const use = totalOf(entries.filter((entry) => entry.for === 'stitches'));
    left += spare * pieces;
    // Legs of one piece are tied by one maker and vary together, so the piece is judged by its worst length, not by a product.
    const doubt = own.reduce((sum, leg) => sum + leg.doubt, 0);
    if (use > 0) short = Math.max(short, shortChance(spare - tails, { use, doubt }, skill, figures));
    else if (spare < 0) short = 1;
  }
  return {
    school,
    rule,
    cuts: merged(cuts, alike),
    total_mm: cuts.reduce((sum, cut) => sum + cut.length_mm * cut.pieces, 0),
    left_mm: left,
    short,
  };
}

/** Cords of one role, colour and length are pieces of one cut; of those that are only cut alike, the longest says what it is made of. */
function merged(cuts: readonly Cut[], alike: boolean): Cut[] {
  const groups = new Map<string, Cut>();
  for (const cut of cuts) {
    const made = alike ? '' : cut.anatomy.map((entry) => entry.for).join();
    const key = `${cut.role}|${cut.cord}|${cut.colour}|${cut.length_mm}|${made}`;
    const before = groups.get(key);
    const longer = before && before.anatomy.at(-1)!.mm <= cut.anatomy.at(-1)!.mm ? before : cut;
    groups.set(key, before ? { ...longer, pieces: before.pieces + cut.pieces } : cut);
  }
  return [...groups.values()];
}
