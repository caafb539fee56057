import { MAKING_WORDS } from '../../../catalogue';
import { makingOf, makingSteps, type Act, type Maker, type MakingStep, type Telling } from '../../core/making';
import type { SeatPlan, SeatRecord } from '../../core/seat';
import type { Figures } from '../../core/studio';

/** Whom a making is told to. A skill that nobody gave is a beginner’s. */
const makerOf = ({ age, skill, options }: Pick<SeatRecord, 'age' | 'skill' | 'options'>): Maker => ({
  age,
  skill: skill ?? 'new',
  options,
});

/** How a seat’s piece is made, act by act. */
export const actsOf = (record: Parameters<typeof makerOf>[0], plan: SeatPlan, telling: Telling): Act[] =>
  makingOf(makerOf(record), plan, MAKING_WORDS, telling);

/** The same as the steps of its own page. */
export const stepsOf = (
  record: Parameters<typeof makerOf>[0],
  plan: SeatPlan,
  telling: Telling,
  figures: Figures,
): MakingStep[] => makingSteps(makerOf(record), plan, MAKING_WORDS, telling, figures);

export { MAKING_WORDS };
