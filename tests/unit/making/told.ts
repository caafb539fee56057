import { MAKING_WORDS, SHIPPED } from '../../../catalogue';
import { makingOf, type Act, type Telling } from '../../../src/core/making';
import type { Options, Project } from '../../../src/core/project';
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
/** Every choice of options that changes which acts there are. */
export function optionsOf({ options }: Project): Options[] {
  const colours = Array.from({ length: options.colours?.most ?? 1 }, (_, i) => ({ colours: i + 1 }));
  const more: Options[] = [
    {},
    { flame: false },
    ...(options.swap === undefined ? [] : [{ swap: !options.swap }]),
    ...(options.beads ? [{ beads: 4 }] : []),
    ...(options.stopper ? [{ stopper: 'button-knot' as const }, { stopper: 'stacked-overhand' as const }] : []),
    ...(options.wraps ? [{ wraps: 3 }] : []),
    ...(options.sequence
      ? [{ sequence: { kinds: ['bead-6', 'bead-8'], order: 'mirror' as const, ends: 'bead-4' } }]
      : []),
  ];
  return more.flatMap((own) => (options.colours ? colours.map((many) => ({ ...own, ...many })) : [own]));
}
