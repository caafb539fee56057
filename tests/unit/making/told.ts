import { MAKING_WORDS, SHIPPED } from '../../../catalogue';
import { makingOf, type Act, type Telling } from '../../../src/core/making';
import { planSeat, type Seat, type SeatPlan } from '../../../src/core/seat';
import { STARTING_FIGURES } from '../../../src/core/studio';

/** A seat planned and told with what ships. */
export const told = (seat: Seat, telling: Telling = { units: 'mm' }): { plan: SeatPlan; acts: Act[] } => {
  const plan = planSeat(seat, SHIPPED, STARTING_FIGURES);
  return { plan, acts: makingOf(seat, plan, MAKING_WORDS, telling) };
};
/** Every sentence of some acts. */
export const textsOf = (acts: readonly Act[]): string[] =>
  acts.flatMap(({ text, right, if_not }) => [
    text,
    ...(right === undefined ? [] : [right]),
    ...(if_not ?? []).flatMap(({ seen, fix }) => [seen, fix]),
  ]);
