import { isIn } from '../acts';
import { endsToCome } from '../rescue';
import type { SeatPlan } from '../seat';
import type { Figures, Skill } from '../studio';
import { countIn } from './counts';
import type { Fitted } from './fitted';
import { isCountedBy, lengthStep, resizePlan } from './resize';
import type { ProjectAct } from '../project';

/** What is asked where the length can still be changed: in which steps, and what a longer band needs of its cord. */
export interface LengthQuestion {
  /** One step in the unit the piece grows by: `1 half knot`. */
  readonly step: string;
  /** Ties of one step, and how many are made when the band is as long as it is planned now. */
  readonly ties: number;
  readonly end: number;
  /** How many steps can be left out, below zero. */
  readonly fewest: number;
  /** What the working end that needs most takes: to each tie, and after the last; null where nothing is tied with one. Lengths in mm. */
  readonly needs: { readonly tie_mm: number; readonly rest_mm: number } | null;
}

const HALF_KNOTS: ReadonlySet<string> = new Set(['half-knots', 'square-knots', 'square-knots-an-arm']);

/** How much one step adds, as the act that counts it says it. */
function stepWords(fitted: Fitted, plan: SeatPlan, acts: readonly ProjectAct[], sections: readonly string[]): string {
  const { words } = fitted;
  const act = acts.findLast(({ count }) =>
    count?.sections.some((name) => sections.some((id) => isCountedBy(fitted.piece, name, id))),
  );
  const unit = act?.count?.unit;
  const longer = resizePlan(plan, 1);
  const own = act?.count?.sections.filter((id) => isIn(fitted.piece, id)) ?? [];
  const isByKnot = unit === undefined || HALF_KNOTS.has(unit);
  const counted = isByKnot ? 'half-knots' : unit;
  const many = isByKnot
    ? Math.round(lengthStep(plan)!.half_knots)
    : countIn({ ...fitted, fit: longer.fit! }, own, unit).of - countIn(fitted, own, unit).of;
  return `${many} ${words.units[counted][many === 1 ? 'one' : 'many']}`;
}

/** The question of one act; null where it is not about the length, or the length is not knotted. */
export function lengthQuestion(
  fitted: Fitted,
  plan: SeatPlan,
  acts: readonly ProjectAct[],
  skill: Skill,
  figures: Figures,
): LengthQuestion | null {
  const step = lengthStep(plan);
  if (!step || step.ties === 0) return null;
  const ends = endsToCome(plan, step.end - 1, skill, figures).filter(({ as }) => as !== null);
  const rest = ({ rest_mm, tail_mm, ties_mm, perTie }: (typeof ends)[number]): number =>
    rest_mm + tail_mm + ties_mm - perTie;
  const [worst] = ends.toSorted((a, b) => rest(b) + b.perTie - rest(a) - a.perTie);
  return {
    step: stepWords(fitted, plan, acts, step.sections),
    ties: step.ties,
    end: step.end,
    fewest: step.fewest,
    needs: worst ? { tie_mm: worst.perTie, rest_mm: rest(worst) } : null,
  };
}
