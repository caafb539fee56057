import type { SeatPlan } from '../seat';
import type { Figures, Skill } from '../studio';
import { courseOf } from '../bench';
import { endsToCome, mayDiffer, stretchAt, type EndToCome } from './ends-to-come';

/** What is left of an end, mm, measured from the last knot; by its place among the ends to come. */
export type Left = Readonly<Record<number, number>>;

/** An end laid against what it has still to do. */
export interface EndLasts extends EndToCome {
  readonly left: number;
  /** What is over when it has done all of it; below zero, what it lacks. */
  readonly over: number;
  /** How far that may be off, one time in ten either way. */
  readonly give: number;
  /** Ties of the stretch that it lasts for, when all that comes after the stretch is still made. */
  readonly ties: number;
}

/** Whether the cord lasts: every end that was measured, and the one that decides: the first that runs out, else the one with least over. */
export interface Lasts {
  readonly ends: readonly EndLasts[];
  readonly worst: EndLasts;
  readonly lasts: 'yes' | 'just' | 'no';
}

/**
 * Whether what is left of each end lasts: what it has still to tie, the parts after that, and what it must keep to hold. `just` where
 * makers of that skill differ by more than what would be over. Null where nothing was measured.
 *
 * @example
 * willItLast(plan, 0, { 0: 5000 }, 'steady', figures).lasts // 'yes'
 */
export function willItLast(plan: SeatPlan, made: number, left: Left, skill: Skill, figures: Figures): Lasts | null {
  const stretch = stretchAt(courseOf(plan), made);
  if (!stretch) return null;
  const toCome = stretch.from + stretch.ties - made;
  const ends = endsToCome(plan, made, skill, figures).flatMap((end, i): EndLasts[] => {
    const own = left[i];
    if (own === undefined) return [];
    const over = own - end.ties_mm - end.rest_mm - end.tail_mm;
    // What it lacks is left out of the stretch from its end.
    const fewer = over >= 0 ? 0 : end.each > 0 ? Math.ceil(-over / end.each - 1e-9) : 0;
    return [
      {
        ...end,
        left: own,
        over,
        give: mayDiffer(end, skill, figures),
        ties: Math.max(0, toCome - fewer),
      },
    ];
  });
  const lacking = ends.filter(({ over }) => over < 0).toSorted((a, b) => a.ties - b.ties || a.over - b.over);
  const worst = lacking[0] ?? ends.toSorted((a, b) => a.over - b.over)[0];
  if (!worst) return null;
  return { ends, worst, lasts: worst.over < 0 ? 'no' : worst.over < worst.give ? 'just' : 'yes' };
}
