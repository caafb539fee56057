import { clock } from '../../ui/words/region';
import { courseOf, tieAfter, type SeatAtWork } from '../../core/bench';
import type { PhaseName } from '../../core/pace';
import type { SeatPlan } from '../../core/seat';

export const PHASE_WORDS: Readonly<Record<PhaseName, string>> = {
  settle: 'settling',
  'set-up': 'setting up',
  knot: 'knotting',
  beads: 'beads',
  closure: 'closing it',
  check: 'trying it on',
  finish: 'ends',
  tidy: 'tidying',
};

/** A moment of the day as a clock has it. */
export function clockWords(at: number): string {
  return clock(new Date(at).toISOString());
}

/** How long ago, in whole minutes. */
export const minutesSince = (from: number, now: number): number => Math.max(0, Math.floor((now - from) / 60_000));
export const sinceWords = (from: number, now: number): string => {
  const minutes = minutesSince(from, now);
  return minutes === 0 ? 'just now' : `${minutes} min`;
};

/** Names as they are called across a room: the first, with as much of the next as tells two apart. */
export function calledBy(names: readonly string[]): string[] {
  const firsts = names.map((name) => name.split(' ')[0]!);
  return names.map((name, i) => {
    const alike = firsts.filter((first) => first === firsts[i]).length > 1;
    const [, next = ''] = name.split(' ');
    return alike && next ? `${firsts[i]} ${next[0]}.` : firsts[i]!;
  });
}

/** How far a seat has come, in a few words. */
export function countWords(plan: SeatPlan, { made }: SeatAtWork): string {
  const course = courseOf(plan);
  if (course.ties === 0) return '';
  const words = (tieAfter(course, made) ?? { stretch: course.stretches.at(-1)! }).stretch.words;
  return `${Math.min(made, course.ties)} of ${course.ties} ${words}`;
}
