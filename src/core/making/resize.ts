import { sectionsBy } from '../acts';
import { courseOf } from '../bench';
import { workingMinutes, type PaceStep } from '../pace';
import { groupsOf, isSection, type Piece, type PieceSection } from '../project';
import type { SeatPlan } from '../seat';

/** A look at the length while it can still be changed. */
const isLengthCheck = ({ last_chance }: { last_chance?: string | undefined }): boolean => last_chance === 'length';

/** Sections of the band whose count follows the size, each with those that it repeats with. */
const growing = (piece: Piece): PieceSection[] =>
  piece.layout.filter(isSection).filter(({ count }) => count === 'fill');

/** Whether what an act counts by a name is a section, or one that stands in for it. */
export const isCountedBy = (piece: Piece, name: string, id: string): boolean =>
  sectionsBy(piece, name).some((section) => section.id === id);

/**
 * The sections that are still changed when the length is looked at: what was knotted last before it, and what comes after it. What lies
 * before another stretch that is made already stays as it is.
 */
function changeable({ piece }: SeatPlan): PieceSection[] {
  if (!piece) return [];
  const all = growing(piece);
  const { acts = [] } = piece.project.making ?? {};
  const look = acts.findLastIndex(isLengthCheck);
  const placeOf = ({ id }: PieceSection): number =>
    acts.findLastIndex(({ count }) => count?.sections.some((own) => isCountedBy(piece, own, id)) ?? false);
  const groups = groupsOf(piece).filter((group) => group.some((item) => all.some(({ id }) => id === item.id)));
  const isOf = (group: (typeof groups)[number], { id }: PieceSection): boolean => group.some((item) => item.id === id);
  const placed = groups.map((group) => ({
    sections: all.filter((section) => isOf(group, section)),
    place: Math.max(...all.filter((section) => isOf(group, section)).map(placeOf)),
  }));
  const before = placed.filter(({ place }) => place < look).map(({ place }) => place);
  const last = before.length > 0 ? Math.max(...before) : -1;
  return placed.filter(({ place }) => place >= last).flatMap(({ sections }) => sections);
}

/** How a piece's length is changed at the table, one step at a time. */
export interface LengthStep {
  /** Half knots of one step in all stretches; 0 where it grows by what has none. */
  readonly half_knots: number;
  readonly ties: number;
  readonly mm: number;
  /** Sections that change, by name. */
  readonly sections: readonly string[];
  /** How many steps can be left out, below zero. */
  readonly fewest: number;
  /** How many ties are made when the last of these sections is done. */
  readonly end: number;
}

/**
 * One step by which a seat's band is made longer or shorter at the table; null where its length is not knotted.
 *
 * @example
 * lengthStep(plan).half_knots // 1
 */
export function lengthStep(plan: SeatPlan): LengthStep | null {
  const { piece, fit } = plan;
  const sections = changeable(plan);
  if (!piece || !fit || sections.length === 0) return null;
  // An odd count stays odd.
  const times = sections.some(({ odd }) => odd) ? 2 : 1;
  const ids = sections.map(({ id }) => id);
  const own = courseOf(plan).stretches.filter(({ section }) => ids.includes(section.id));
  const perUnit = new Map(own.map(({ section, perUnit: ties }) => [section.id, ties]));
  return {
    half_knots: times * sections.reduce((sum, { halfKnots }) => sum + halfKnots, 0),
    ties: times * [...perUnit.values()].reduce((sum, ties) => sum + ties, 0),
    mm: times * sections.reduce((sum, { unit }) => sum + unit, 0),
    sections: ids,
    end: Math.max(0, ...own.map(({ from, ties }) => from + ties)),
    fewest: -Math.floor((Math.min(...ids.map((id) => fit.counts[id]!)) - 1) / times),
  };
}

/**
 * Steps that are not begun yet and may be left out, where a band is to stop as it is; 0 where it may not.
 *
 * @param made ties that are made
 *
 * @example
 * spareSteps({ ties: 1, end: 26, fewest: -25 }, 20) // 6
 */
export function spareSteps({ ties, end, fewest }: Pick<LengthStep, 'ties' | 'end' | 'fewest'>, made: number): number {
  const spare = made > 0 && ties > 0 ? Math.floor(Math.max(0, end - made) / ties) : 0;
  return spare <= -fewest ? spare : 0;
}

/** Units of the growing sections together, those that repeat by turns once. */
const repeatsIn = (piece: Piece, counts: Readonly<Record<string, number>>): number =>
  growing(piece).reduce((sum, { id, joins }) => sum + (joins ? 0 : counts[id]!), 0);

/** A step of the pace with as much knotting as its sections have in another length. */
function inNewLength(
  step: PaceStep,
  { sections }: Piece,
  before: Readonly<Record<string, number>>,
  after: Readonly<Record<string, number>>,
): PaceStep {
  const knots = (counts: Readonly<Record<string, number>>): number =>
    step.counts.reduce((sum, id) => sum + counts[id]! * Math.max(1, sections[id]!.halfKnots), 0);
  if (step.counts.length === 0) return step;
  const knotting = (step.knotting * knots(after)) / Math.max(1, knots(before));
  return { ...step, knotting, minutes: step.minutes - step.knotting + knotting };
}

/**
 * A seat's plan after its length was changed at the table by so many steps: its counts, its length and its minutes. What was cut stays.
 *
 * @param steps more than planned; fewer below zero
 *
 * @example
 * resizePlan(plan, 2).fit.half_knots - plan.fit.half_knots // 2
 */
export function resizePlan(plan: SeatPlan, steps: number): SeatPlan {
  const step = steps === 0 ? null : lengthStep(plan);
  const { piece, fit, pace } = plan;
  if (!step || !piece || !fit) return plan;
  const by = Math.max(steps, step.fewest);
  const { sections, mm, half_knots } = step;
  const units = sections.some((id) => piece.sections[id]!.odd) ? 2 * by : by;
  const longerCounts = Object.fromEntries(
    Object.entries(fit.counts).map(([id, count]) => [id, sections.includes(id) ? count + units : count]),
  );
  const longer = {
    ...fit,
    counts: longerCounts,
    knotted_mm: fit.knotted_mm + by * mm,
    error_mm: fit.error_mm + by * mm,
    ...(fit.half_knots !== undefined && { half_knots: fit.half_knots + by * half_knots }),
    ...(fit.inner_mm !== undefined && { inner_mm: fit.inner_mm + (by * mm) / piece.choices.wraps }),
    ...(fit.centre_mm !== undefined && { centre_mm: fit.centre_mm + by * mm }),
    repeats: (fit.repeats * repeatsIn(piece, longerCounts)) / Math.max(1, repeatsIn(piece, fit.counts)),
  };
  const changed = pace && {
    ...pace,
    steps: pace.steps.map((one) => inNewLength(one, piece, fit.counts, longerCounts)),
  };
  return { ...plan, fit: longer, ...(changed && { pace: changed, minutes: workingMinutes(changed) }) };
}
