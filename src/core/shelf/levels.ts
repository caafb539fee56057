import { wordOrder } from '../region';
import type { Coming, OutlookLine } from './outlook';

/** How much there is of an item after something happened on a day; below 0, what is missing by then. */
export interface Level {
  readonly on: string;
  readonly level: number;
  /** The session that took it, or a delivery. */
  readonly by: string | null;
}

/**
 * The level of an item over the days ahead: what is on hand, less what each session needs, plus what is delivered. By amount alone:
 * whether the pieces of a cord are long enough, the outlook's lines say.
 *
 * @example
 * levelsOf(5000, [], [{ due: '2030-05-04', amount: 30_000, pack: 30_000 }]) // [{ on: '2030-05-04', by: null, level: 35000 }]
 */
export function levelsOf(hand: number, lines: readonly OutlookLine[], coming: readonly Coming[]): Level[] {
  const events = [
    // A delivery counts for a session of its day.
    ...coming.map(({ due, amount }) => ({ on: due, change: amount, by: null, order: 0 })),
    ...lines.map(({ on, amount, title }) => ({ on, change: -amount, by: title, order: 1 })),
  ].sort((a, b) => wordOrder(a.on, b.on) || a.order - b.order);
  let level = hand;
  return events.map(({ on, change, by }) => ({ on, by, level: (level += change) }));
}
