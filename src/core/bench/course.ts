import { makingOrder } from '../acts';
import type { PhaseName } from '../pace';
import { groupsOf, isSection, type PieceSection } from '../project';
import { bandOf, type BandItem, type SeatPlan } from '../seat';

/** A stretch of ties that are counted: half knots, or repeats where a section has none. */
export interface CountedStretch {
  readonly section: PieceSection;
  /** Ties before it, and in it. */
  readonly from: number;
  readonly ties: number;
  /** Ties to one unit of the section, and mm of band to one tie. */
  readonly perUnit: number;
  readonly pitch: number;
  readonly words: 'half knots' | 'repeats';
  /** Where it is in the band; null of what closes it with cord of its own. */
  readonly place: BandItem | null;
}

/** A step of the way through a piece: an act of its making, by its name, with what is counted while it is done. */
export interface CourseStep {
  readonly id: string;
  readonly phase: PhaseName;
  readonly stretches: readonly CountedStretch[];
}

/** The way through a seat's piece: its steps in order, and all that is counted of it. */
export interface Course {
  readonly steps: readonly CourseStep[];
  readonly stretches: readonly CountedStretch[];
  readonly ties: number;
}

const isTied = ({ runs }: PieceSection): boolean => runs.some(({ stitch }) => stitch.effort > 0);

function stretchOf(section: PieceSection, units: number, from: number, place: BandItem | null): CountedStretch {
  const { halfKnots, arms, unit } = section;
  const perUnit = halfKnots > 0 ? Math.max(1, Math.round(halfKnots * arms)) : 1;
  const words = halfKnots > 0 ? 'half knots' : 'repeats';
  return { section, from, ties: Math.round(units * perUnit), perUnit, pitch: unit / perUnit, words, place };
}

const courses = new WeakMap<SeatPlan, Course>();

/**
 * The way through a seat's piece: it settles, does the acts of its making, and tidies. Nothing but settling where there is no piece yet.
 *
 * @example
 * courseOf(plan).steps.map(({ phase }) => phase).at(-1) // 'tidy'
 */
export function courseOf(plan: SeatPlan): Course {
  const known = courses.get(plan);
  if (known) return known;
  const course = wayThrough(plan);
  courses.set(plan, course);
  return course;
}

function wayThrough(plan: SeatPlan): Course {
  const { piece, fit, pace } = plan;
  if (!piece || !fit || !pace)
    return { steps: [{ id: 'settle', phase: 'settle', stretches: [] }], stretches: [], ties: 0 };
  const band = bandOf(plan);
  let ties = 0;
  const counted = (section: PieceSection, units: number, place: BandItem | null): CountedStretch[] => {
    if (!isTied(section)) return [];
    const stretch = stretchOf(section, units, ties, place);
    ties += stretch.ties;
    return [stretch];
  };
  const groups = groupsOf(piece);
  const order = makingOrder(piece);
  /** What an act counts, in the order in which it is tied; of sections that repeat by turns each time it comes, when the first of them does. */
  const stretchesOf = (ids: readonly string[]): CountedStretch[] =>
    ids
      .toSorted((a, b) => order.indexOf(a) - order.indexOf(b))
      .flatMap((id) => {
        const group = groups.find((own) => own.some((item) => item.id === id));
        if (!group) return counted(piece.sections[id]!, fit.counts[id]!, null);
        if (group[0]!.id !== id) return [];
        return band.flatMap((place) =>
          isSection(place.item) && group.includes(place.item) ? counted(place.item, place.count, place) : [],
        );
      });
  const steps = pace.steps.map(({ id, phase, counts }): CourseStep => ({ id, phase, stretches: stretchesOf(counts) }));
  return { steps, stretches: steps.flatMap((step) => step.stretches), ties };
}

/**
 * mm of band that so many ties come to.
 *
 * @example
 * bandAt(courseOf(plan), 0) // 0
 */
export function bandAt({ stretches }: Course, made: number): number {
  return stretches.reduce((sum, { from, ties, pitch }) => sum + Math.min(ties, Math.max(0, made - from)) * pitch, 0);
}

/**
 * How many ties so much band is, mm, to the nearest.
 *
 * @example
 * tiesAt(courseOf(plan), bandAt(courseOf(plan), 10)) // 10
 */
export function tiesAt({ stretches, ties }: Course, mm: number): number {
  let left = mm;
  for (const stretch of stretches) {
    const long = stretch.ties * stretch.pitch;
    if (left < long) return stretch.from + Math.round(left / stretch.pitch);
    left -= long;
  }
  return ties;
}
