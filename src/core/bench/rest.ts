import { PHASES, type Pace, type PhaseName } from '../pace';
import type { RestSeat } from '../room';
import type { SeatPlan } from '../seat';
import type { Figures } from '../studio';
import { seatAtWork, workedMinutes, type Bench, type SeatAtWork } from './bench';
import { courseOf, type Course } from './course';
import { paceSeen } from './pace-seen';

/**
 * The phase a seat is in: of the step it is at, of its knots where some are made, else before all.
 *
 * @example
 * phaseNow(courseOf(plan), seatAtWork(benchOf([], () => 0), 's')) // 'settle'
 */
export function phaseNow(course: Course, seat: SeatAtWork): PhaseName {
  if (seat.turn !== null || seat.ready !== null) return 'finish';
  const step = course.steps.find(({ id }) => id === seat.step?.split('/')[0])?.phase;
  if (step && step !== 'settle') return step;
  if (seat.made > 0) return seat.made >= course.ties ? 'closure' : 'knot';
  return step ?? 'settle';
}

/** Share of a phase without counts that is taken to be left, however long it lasts, until its next step is said. A convention of the clock. */
const NOT_OVER = 0.2;

const minutesOf = ({ phases }: Pace, phase: PhaseName): number =>
  phases.reduce((sum, own) => sum + (own.phase === phase ? own.minutes : 0), 0);

/** Minutes of a seat's work that are still to come, before it is ready to finish, at the pace that was planned. */
function workToCome(pace: Pace, course: Course, seat: SeatAtWork, bench: Bench, now: number): number {
  const phase = phaseNow(course, seat);
  const place = PHASES.indexOf(phase);
  return PHASES.reduce((sum, own, i) => {
    if (own === 'finish' || own === 'tidy' || i < place) return sum;
    const minutes = minutesOf(pace, own);
    if (i > place) return sum + minutes;
    if (own === 'knot') return sum + minutes * (1 - Math.min(1, seat.made / Math.max(1, course.ties)));
    // In any other phase the clock says how much is done, but for what is left until somebody says that it is over.
    const spent = seat.since === null ? 0 : workedMinutes(bench, seat.since, now);
    return sum + Math.max(minutes * NOT_OVER, minutes - spent);
  }, 0);
}

/**
 * What of a seat is still to come, as the room's rest is simulated from: null of those who are done, away or gone home, and of those
 * that cannot be planned.
 *
 * @example
 * restOf('s', plan, benchOf([], () => 0), 0, figures).atFlame // true
 */
export function restOf(id: string, plan: SeatPlan, bench: Bench, now: number, figures: Figures): RestSeat | null {
  const { pace } = plan;
  const seat = seatAtWork(bench, id);
  if (!pace || seat.done !== null || seat.here === 'away' || seat.here === 'home') return null;
  const course = courseOf(plan);
  const seen = paceSeen(pace, course.ties, seat, bench, figures);
  const finish = pace.phases.find(({ phase }) => phase === 'finish');
  const slower = Math.exp(seen.slower);
  return {
    id,
    work: seat.ready !== null ? 0 : workToCome(pace, course, seat, bench, now) * slower,
    finish: (finish?.minutes ?? 0) * (finish?.at === 'station' ? 1 : slower),
    spread: seen.spread,
    atFlame: finish?.at === 'station',
    waitsSince: seat.ready === null ? null : workedMinutes(bench, seat.ready, now),
    servedFor: seat.turn === null ? null : workedMinutes(bench, seat.turn, now),
  };
}
