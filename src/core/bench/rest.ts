import { PHASES, spansOf, type Pace, type PaceStep, type PhaseName, type Span, type Wet } from '../pace';
import type { RestSeat, RestSpan } from '../room';
import type { SeatPlan } from '../seat';
import type { Figures } from '../studio';
import { seatAtWork, workedMinutes, type Bench } from './bench';
import { courseOf } from './course';
import { paceSeen } from './pace-seen';
import { minutesBetween, placeOf, type Place } from './place';

/** The steps that are still to come from a place on, the first with what is left of it. */
function stepsFrom(steps: readonly PaceStep[], { step, share }: Place): PaceStep[] {
  const shift = ({ until, ...rest }: PaceStep): PaceStep => ({ ...rest, until: Math.max(0, until - step) });
  return steps.slice(step).map((own, i) => shift(i === 0 ? { ...own, minutes: own.minutes * (1 - share) } : own));
}

/** Glue that somebody at a place left to dry before it, at the pace that was seen. */
function wetAt(pace: Pace, place: Place, slower: number): Wet {
  return pace.steps.slice(0, place.step).flatMap(({ dries, until }, i) => {
    const since = minutesBetween(pace, { step: i + 1, share: 0 }, place) * Math.exp(slower);
    return dries > since && until > place.step ? [{ dry: dries - since, until: until - place.step }] : [];
  });
}

/**
 * A span at the pace that was seen. Each phase differs by itself, so that together they differ less; the one that is under way by what is
 * not seen of it yet.
 */
function restSpan({ minutes, idle, visit }: Span, { slower, own, now, left }: Going): RestSpan {
  const work = minutes.reduce((sum, one) => sum + one, 0);
  const variance = minutes.reduce((sum, one, phase) => sum + (one * (PHASES[phase] === now ? left : own)) ** 2, 0);
  return { work: work * Math.exp(slower), idle, spread: work === 0 ? 0 : Math.sqrt(variance) / work, visit };
}

/** How a seat goes on: how much slower than planned, and how far its phases may differ from each other, the one under way by so much. */
interface Going {
  readonly slower: number;
  readonly own: number;
  readonly now: PhaseName;
  readonly left: number;
}

/**
 * What of a seat is still to come since it was last heard of, as the room's rest is simulated from: null of those who are done, away or gone
 * home, and of those that cannot be planned.
 *
 * @example
 * restOf('s', plan, benchOf([], () => 0), 0, figures).waitsSince // null
 */
export function restOf(id: string, plan: SeatPlan, bench: Bench, now: number, figures: Figures): RestSeat | null {
  const { pace } = plan;
  const seat = seatAtWork(bench, id);
  if (!pace || seat.done !== null || seat.here === 'away' || seat.here === 'home') return null;
  const course = courseOf(plan);
  const place = placeOf(course, seat, figures.slow_start);
  const { slower, person, left } = paceSeen(pace, course, seat, bench, figures);
  const isAtFlame = seat.ready !== null || seat.turn !== null;
  // Who waits for the flame has come to their next turn there, whatever step was said last.
  const station = pace.steps.findIndex(({ at }, i) => at === 'station' && i >= place.step);
  const from = isAtFlame ? { step: station < 0 ? pace.steps.length : station, share: 0 } : place;
  // Whoever has not begun waits for the showing first.
  const showing = place.step === 0 ? figures.showing_minutes : 0;
  const own = pace.spread * Math.sqrt(1 - figures.person_share);
  const going: Going = { slower, own, now: pace.steps[place.step]!.phase, left };
  const spans = spansOf(stepsFrom(pace.steps, from), wetAt(pace, from, slower)).map((span, i) =>
    restSpan(i === 0 ? { ...span, idle: span.idle + showing } : span, going),
  );
  const heard = seat.seen.at(-1)?.at ?? bench.began ?? now;
  return {
    id,
    spans: isAtFlame && station < 0 ? [] : spans,
    person,
    heard: isAtFlame ? 0 : workedMinutes(bench, heard, now),
    waitsSince: isAtFlame && station >= 0 && seat.ready !== null ? workedMinutes(bench, seat.ready, now) : null,
    servedFor: isAtFlame && station >= 0 && seat.turn !== null ? workedMinutes(bench, seat.turn, now) : null,
  };
}
