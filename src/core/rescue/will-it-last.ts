import type { SeatPlan } from '../seat';
import type { Figures, Skill } from '../studio';
import { endsToCome, mayDiffer, type EndToCome } from './ends-to-come';

/** What is left of an end, mm, measured from the last knot; by its place among the ends to come. */
export type Left = Readonly<Record<number, number>>;

/** An end laid against what it has still to do. */
export interface EndLasts extends EndToCome {
  readonly left: number;
  /** What is over when it has done all of it; below zero, what it lacks. */
  readonly over: number;
  /** How far that may be off, one time in ten either way. */
  readonly give: number;
  /** Ties of the stretch that it lasts for. */
  readonly ties: number;
}

/** Whether the cord lasts: every end that was measured, and the one that decides. */
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
  const ends = endsToCome(plan, made, skill, figures).flatMap((end, i): EndLasts[] => {
    const own = left[i];
    if (own === undefined) return [];
    const over = own - end.ties_mm - end.rest_mm - end.tail_mm;
    const each = end.as === null ? end.perCore : end.perTie;
    return [
      {
        ...end,
        left: own,
        over,
        give: mayDiffer(end, skill, figures),
        ties: each > 0 ? Math.max(0, Math.floor((own - end.rest_mm - end.tail_mm) / each)) : Infinity,
      },
    ];
  });
  const worst = ends.toSorted((a, b) => a.over - b.over)[0];
  if (!worst) return null;
  return { ends, worst, lasts: worst.over < 0 ? 'no' : worst.over < worst.give ? 'just' : 'yes' };
}
