import { courseOf, placeOf, type SeatAtWork } from '../bench';
import type { ActText } from '../project';
import type { SeatPlan } from '../seat';
import type { MakingStep, StepTie } from './steps';

/** The words of the makings of some projects, by slug: pages carry their acts alone. */
export type ActTexts = Readonly<Record<string, Readonly<Record<string, ActText>>>>;

/**
 * A plan whose project's making has its words.
 *
 * @example
 * withTexts(plan, {}) === plan // true
 */
export function withTexts(plan: SeatPlan, texts: ActTexts): SeatPlan {
  const project = plan.piece?.project;
  const en = project && texts[project.slug];
  if (!plan.piece || !project?.making || !en) return plan;
  return { ...plan, piece: { ...plan.piece, project: { ...project, making: { ...project.making, texts: { en } } } } };
}

/**
 * Which step of a seat's making is due: the step that was reported last, or a later one if its count shows that.
 *
 * @example
 * dueStep([{ id: 'settle' }], plan, { made: 0, step: null }) // 0
 */
export function dueStep(
  steps: readonly Pick<MakingStep, 'id'>[],
  plan: SeatPlan,
  atWork: Pick<SeatAtWork, 'made' | 'step'>,
): number {
  const course = courseOf(plan);
  const { id } = course.steps[placeOf(course, atWork, 1).step]!;
  return Math.max(
    0,
    steps.findIndex((step) => step.id === id),
  );
}

/**
 * The half knot that comes next in a step after so many are made; null where it ties none, or none is left.
 *
 * @example
 * dueTie({ tally: null }, 3) // null
 */
export function dueTie({ tally }: Pick<MakingStep, 'tally'>, made: number): StepTie | null {
  if (!tally || tally.each.length === 0 || made >= tally.from + tally.ties) return null;
  return tally.each[Math.max(0, made - tally.from) % tally.each.length]!;
}
