import { LEARNING, type Pace, type PhaseName } from '../pace';
import type { SeatAtWork } from './bench';
import type { Course } from './course';

/** Where a seat is: at which of its steps, and which share of it is done. */
export interface Place {
  readonly step: number;
  readonly share: number;
}

/** The share of a step's knots that is done, the first of a piece slower. */
function shareDone(from: number, ties: number, made: number, slow: number): number {
  const upTo = (n: number): number => n + (slow - 1) * Math.min(LEARNING, n);
  const all = upTo(from + ties) - upTo(from);
  return all === 0 ? 0 : Math.min(1, Math.max(0, (upTo(Math.max(from, made)) - upTo(from)) / all));
}

/**
 * Where a seat is: at the step that was reported last, or at a later one if its count shows that.
 *
 * @param slow × as long that the first knots take
 *
 * @example
 * placeOf(courseOf(plan), { made: 0, step: null }, 2) // { step: 0, share: 0 }
 */
export function placeOf(
  { steps }: Course,
  { made, step: said }: Pick<SeatAtWork, 'made' | 'step'>,
  slow: number,
): Place {
  const told = Math.max(
    0,
    steps.findIndex(({ id }) => id === said),
  );
  const endOf = ({ stretches }: Course['steps'][number]): number => {
    const last = stretches.at(-1);
    return last ? last.from + last.ties : 0;
  };
  // The last step that a count shows to be begun.
  const begun =
    made > 0 ? steps.findLastIndex(({ stretches: [first] }) => first !== undefined && first.from < made) : -1;
  const counting = steps[begun];
  // Where all of it is made, the seat is at what comes next.
  const counted = counting && made >= endOf(counting) ? begun + 1 : begun;
  const step = Math.min(Math.max(told, counted), steps.length - 1);
  const [first] = steps[step]!.stretches;
  return { step, share: first ? shareDone(first.from, endOf(steps[step]!) - first.from, made, slow) : 0 };
}

/**
 * Planned minutes of hands' work from one place to another, turns at the flame left out; 0 where it is not further.
 *
 * @example
 * minutesBetween(pace, { step: 0, share: 0 }, { step: 0, share: 0 }) // 0
 */
export function minutesBetween({ steps }: Pick<Pace, 'steps'>, from: Place, to: Place): number {
  const upTo = ({ step, share }: Place): number =>
    steps.reduce((sum, { minutes, at }, i) => {
      if (at === 'station' || i > step) return sum;
      return sum + (i < step ? minutes : minutes * share);
    }, 0);
  return Math.max(0, upTo(to) - upTo(from));
}

/**
 * The phase a seat is in.
 *
 * @example
 * phaseNow(courseOf(plan), seatAtWork(benchOf([], () => 0), 's')) // 'settle'
 */
export function phaseNow(course: Course, seat: SeatAtWork): PhaseName {
  if (seat.turn !== null || seat.ready !== null) return 'finish';
  return course.steps[placeOf(course, seat, 1).step]!.phase;
}
