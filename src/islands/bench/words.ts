import { clock } from '../../ui/words/region';
import { courseOf, type SeatAtWork } from '../../core/bench';
import { tapWords, type MakingWords } from '../../core/making';
import type { PhaseName } from '../../core/pace';
import type { SeatPlan } from '../../core/seat';

export const PHASE_WORDS: Readonly<Record<PhaseName, string>> = {
  settle: 'settling',
  prepare: 'preparing',
  'set-up': 'setting up',
  start: 'starting',
  knot: 'knotting',
  bead: 'beads',
  close: 'closing it',
  check: 'checking it',
  finish: 'ends',
  wear: 'putting it on',
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

/** Names as they are called across a room: the first, with as much of the rest as tells those of one first name apart. */
export function calledBy(names: readonly string[]): string[] {
  const parts = names.map((name) => {
    const [, first = name, rest = ''] = /^(\S+)\s+(.+)$/u.exec(name) ?? [];
    return { first, rest };
  });
  return parts.map(({ first, rest }, i) => {
    const others = parts.flatMap((other, k) => (k !== i && other.first === first ? [other.rest] : []));
    if (others.length === 0) return first;
    const letters = [...rest];
    const enough = letters.findIndex((_, n) => {
      const begun = letters.slice(0, n + 1).join('');
      return !others.some((other) => other.startsWith(begun));
    });
    // One that is the beginning of another's is said whole.
    if (enough < 0 || enough === letters.length - 1) return `${first} ${rest}`.trimEnd();
    const begun = letters.slice(0, enough + 1).join('');
    return `${first} ${begun.trimEnd()}.`;
  });
}

/** How far a seat has come, in a few words. */
export function countWords(plan: SeatPlan, { made }: SeatAtWork, words: MakingWords): string {
  const { ties, steps } = courseOf(plan);
  if (ties === 0) return '';
  const counting = steps.filter(({ stretches }) => stretches.length > 0);
  const kinds = new Set(counting.map(({ id }) => tapWords(plan, id, words)));
  return `${Math.min(made, ties)} of ${ties} ${kinds.size === 1 ? [...kinds][0] : words.walk.steps}`;
}
