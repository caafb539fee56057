import { cautions } from '../../core/safety';
import type { PlannedSeat } from '../../core/seat';
import type { Figures } from '../../core/studio';

/** The usual cautions for a session, by what its pieces involve and who makes them. */
export function cautionsOf(seats: readonly PlannedSeat[], figures: Figures): string[] {
  const made = seats.map(({ plan }) => plan).filter(({ piece }) => piece);
  return cautions({
    flame: made.some(({ piece }) => piece!.flame),
    glue: made.some(({ tools }) => tools.includes('glue')),
    neckLoop: made.some(({ piece }) => piece!.choices.loop === 'neck'),
    children: seats.some(({ record: { age } }) => age !== null && age < figures.flame_age),
  });
}
