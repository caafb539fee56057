import { courseOf, type CountedStretch, type Course } from '../bench';
import { spreadOf, tailOf, tailsOf, walkStep, type AnatomyEntry } from '../cut';
import type { Fit } from '../fit';
import { groupsOf, idIn, type LegStep, type Piece, type PieceCord } from '../project';
import type { SeatPlan } from '../seat';
import type { Figures, Skill } from '../studio';

/** A leg of a cord at the place it has come to: what it still has to do, and what it must keep to hold. Lengths in mm. */
export interface EndToCome {
  /** Which cord of the piece, and which leg of it. */
  readonly cord: number;
  readonly leg: number;
  readonly of: PieceCord;
  /** The strand it is in the stitch that is being tied; null of a core leg. */
  readonly as: string | null;
  readonly toCome: readonly AnatomyEntry[];
  /** What of it is in ties, and what is in the rest: parts, ends, and core. */
  readonly ties_mm: number;
  readonly rest_mm: number;
  readonly tail_mm: number;
  /** What an end must keep that is tied by hand to the last. */
  readonly hold_mm: number;
  /** Cord to one tie, as a worker and as a core leg of the stretch that is being tied. */
  readonly perTie: number;
  readonly perCore: number;
  /** Cord that this leg takes to one tie of the stretch that is being tied: as it works in it, runs through it, or is not in it. */
  readonly each: number;
}

const sectionOf = (step: LegStep): string | undefined => idIn(step, 'work') ?? idIn(step, 'core');

/** Units of each section that are still to come, after so many ties; of one that nothing is tied in, those of what it repeats with. */
function unitsToCome(piece: Piece, { stretches }: Course, made: number): Record<string, number> {
  const units: Record<string, number> = {};
  for (const { section, from, ties, perUnit } of stretches)
    units[section.id] = (units[section.id] ?? 0) + Math.min(ties, Math.max(0, from + ties - made)) / perUnit;
  for (const group of groupsOf(piece).filter(({ length }) => length > 1)) {
    const left = Math.max(...group.map(({ id }) => units[id] ?? 0));
    for (const { id } of group) units[id] ??= left;
  }
  return units;
}

/**
 * Where in its way a leg has come to: the last of its steps in the stretch that is being tied, or in what that repeats with, or the
 * first of those to come.
 *
 * @param turns the section that is being tied and those that it repeats with
 */
function placeOf(
  route: readonly LegStep[],
  turns: readonly string[],
  units: Readonly<Record<string, number>>,
): number | null {
  const here = turns.map((id) => route.findLastIndex((step) => sectionOf(step) === id)).filter((place) => place >= 0);
  if (here.length > 0) return Math.min(...here);
  const next = route.findIndex((step) => (units[sectionOf(step) ?? ''] ?? 0) > 0);
  return next >= 0 ? next : null;
}

const sum = (entries: readonly AnatomyEntry[]): number => entries.reduce((all, { mm }) => all + mm, 0);

/** The stretch that so many ties have come to; null when all are made. */
export const stretchAt = ({ stretches }: Course, made: number): CountedStretch | null =>
  stretches.find(({ from, ties }) => made < from + ties) ?? null;

/**
 * Every leg that still has something to do after so many ties, with what that takes: the ties to come by the measured path, the
 * parts after them, and what an end must keep to hold. None where the piece is not knotted, or all of it is.
 *
 * @example
 * endsToCome(plan, 0, 'steady', figures).map(({ as }) => as) // ['a', 'b']
 */
export function endsToCome(plan: SeatPlan, made: number, skill: Skill, figures: Figures): EndToCome[] {
  const { piece, fit } = plan;
  const course = courseOf(plan);
  const current = stretchAt(course, made);
  if (!piece || !fit || !current) return [];
  const units = unitsToCome(piece, course, made);
  const own = groupsOf(piece).find((group) => group.some(({ id }) => id === current.section.id)) ?? [current.section];
  const turns = own.map(({ id }) => id);
  const rest: Fit = { ...fit, counts: { ...fit.counts, ...units } };
  return piece.cords.flatMap((of, cord) =>
    of.use.legs.flatMap(({ route }, leg): EndToCome[] => {
      const place = placeOf(route, turns, units);
      if (place === null) return [];
      return [endOf(piece, rest, { cord, leg, of }, place, current, skill, figures)];
    }),
  );
}

function endOf(
  piece: Piece,
  rest: Fit,
  which: Pick<EndToCome, 'cord' | 'leg' | 'of'>,
  place: number,
  { section, perUnit }: CountedStretch,
  skill: Skill,
  figures: Figures,
): EndToCome {
  const { of, leg } = which;
  const own = of.use.legs[leg]!;
  const toCome = own.route.slice(place).flatMap((step) => {
    const entry = walkStep(step, of, piece, rest);
    return entry && entry.mm > 0 ? [entry] : [];
  });
  const here = own.route.findLast((step) => sectionOf(step) === section.id);
  const as = here && 'work' in here ? here.as : null;
  const ties_mm = sum(toCome.filter((entry) => entry.for === 'stitches'));
  const hold = { kind: 'hold' as const, long_mm: 0 };
  const strand = as ?? Object.keys(section.uses).find((name) => name !== 'core') ?? 'core';
  const perTie = (section.uses[strand]! * (section.factors[strand]?.factor ?? 1)) / perUnit;
  const perCore = section.uses.core! / perUnit;
  return {
    ...which,
    as,
    toCome,
    ties_mm,
    rest_mm: sum(toCome) - ties_mm,
    tail_mm: tailsOf(own, of, piece)
      .slice(-1)
      .reduce((all, tail) => all + tailOf(tail, skill, of.cord, figures), 0),
    hold_mm: tailOf(hold, skill, of.cord, figures),
    perTie,
    perCore,
    each: as !== null ? perTie : here ? perCore : 0,
  };
}

/** Standard deviations that one in ten of a normal distribution lies beyond. */
const ONE_IN_TEN = 1.2816;

/** How much of the cord to come may be more, one time in ten: mm, as makers of the skill differ. */
export const mayDiffer = ({ ties_mm }: EndToCome, skill: Skill, figures: Figures): number =>
  ONE_IN_TEN * spreadOf(skill, figures) * ties_mm;
