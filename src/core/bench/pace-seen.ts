import type { Pace } from '../pace';
import type { Figures } from '../studio';
import { workedMinutes, type Bench, type SeatAtWork, type Seen } from './bench';
import type { Course } from './course';
import { minutesBetween, placeOf } from './place';

/** How much slower than planned somebody works, and how far that may still be off, as logarithms of time. */
export interface PaceSeen {
  readonly slower: number;
  /** What is not known of the person, and what may still differ in the phase that is under way. */
  readonly person: number;
  readonly left: number;
}

/** Less than so much worked time says nothing of a pace, minutes. */
const LEAST = 0.05;

/**
 * What was planned of somebody's pace, blended with what was seen of it. Planned: the logarithm of their time differs by the seat's spread, of
 * which a share is the person's own. Seen: where they were at two moments, with what was planned from the one place to the other; that says
 * as much as the plan once it is as much as `pace_seen` knots. Both are taken as normal, so they are weighed by how much each may be off.
 * What lies between two moments with a turn at the flame between them, with its queue, is left out.
 *
 * @example
 * paceSeen(plan.pace, courseOf(plan), seatAtWork(benchOf([], () => 0), 's'), benchOf([], () => 0), figures).slower // 0
 */
export function paceSeen(
  pace: Pace,
  course: Course,
  { seen }: Pick<SeatAtWork, 'seen'>,
  bench: Pick<Bench, 'pauses'>,
  figures: Figures,
): PaceSeen {
  const { steps, spread } = pace;
  const place = (one: Seen) => placeOf(course, one, figures.slow_start);
  let [planned, took] = [0, 0];
  // What was undone and made again is seen once: from the last moment that it was that far.
  let from = seen[0];
  for (const to of seen.slice(1)) {
    if (!from) break;
    const [a, b] = [place(from), place(to)];
    const atFlame = steps.slice(a.step, b.step).some(({ at }) => at === 'station');
    const minutes = minutesBetween(pace, a, b);
    if (minutes > 0 && !atFlame) {
      planned += minutes;
      took += workedMinutes(bench, from.at, to.at);
    }
    if (minutes > 0 || b.step < a.step) from = to;
  }
  const knotting = steps.reduce((sum, step) => sum + step.knotting, 0);
  const perTie = course.ties > 0 ? knotting / course.ties : 0;
  const [share, own] = [figures.person_share, 1 - figures.person_share];
  const weight = took < LEAST ? 0 : planned / (planned + figures.pace_seen * perTie);
  return {
    slower: weight === 0 ? 0 : weight * Math.log(took / planned),
    person: spread * Math.sqrt(share * (1 - weight)),
    left: spread * Math.sqrt(own * (1 - weight)),
  };
}
