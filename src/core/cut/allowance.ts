import { errorFunction, probit } from 'simple-statistics';
import type { Cord } from '../cord';
import type { Piece } from '../project';
import type { Figures, Skill } from '../studio';
import { normalFrom, studentFrom } from './student';
import type { Tail } from './walk';

/**
 * What an end is gripped by, mm: to hold or just to draw up, by skill, longer in stiff cord. A length, not a share of the cut.
 *
 * @example
 * tailOf({ kind: 'hold', long_mm: 0 }, 'new', satin, figures) === figures.tail_new // true
 */
export function tailOf({ kind, long_mm }: Tail, skill: Skill, cord: Cord, figures: Figures): number {
  const base = {
    hold: { new: figures.tail_new, steady: figures.tail_steady, fluent: figures.tail_fluent },
    draw: { new: figures.pull_new, steady: figures.pull_steady, fluent: figures.pull_fluent },
  }[kind][skill];
  return Math.max(0, base * (cord.stiffness === 'stiff' ? figures.tail_stiff : 1) - long_mm);
}

/**
 * How much cord use varies between makers of this skill, as a share of it (standard deviation ÷ mean).
 *
 * @example
 * spreadOf('new', figures) === figures.spread_new // true
 */
export function spreadOf(skill: Skill, figures: Figures): number {
  return { new: figures.spread_new, steady: figures.spread_steady, fluent: figures.spread_fluent }[skill];
}

/** The share of a normal distribution below so many deviations. */
const shareBelow = (deviations: number): number => (1 + errorFunction(deviations / Math.SQRT2)) / 2;

/** The deviations that a share lies below: the package's estimate, good to 0.003, and one step of Newton's from it. */
function deviationsFor(share: number): number {
  const near = probit(share);
  const density = Math.exp((-near * near) / 2) / Math.sqrt(2 * Math.PI);
  return near + (share - shareBelow(near)) / density;
}

/** How many records the spread rests on, as the freedom of a variance; 0 where it is taken as known. */
const freedomOf = (skill: Skill, figures: Figures): number =>
  ({
    new: figures.spread_records_new,
    steady: figures.spread_records_steady,
    fluent: figures.spread_records_fluent,
  })[skill];

/** Of the predictive distribution of use: deviation of one maker's piece, and what is not known yet of what all of them use, mm. */
const deviationOf = ({ use, doubt }: Predicted, skill: Skill, figures: Figures): number =>
  Math.hypot(spreadOf(skill, figures) * use, doubt);

/** What a leg, or legs of one cord together, will use in stitches: mean, and standard deviation of what is not known of it, mm. */
export interface Predicted {
  readonly use: number;
  readonly doubt: number;
}

/**
 * Cord added so that running short is as rare as its cost makes it worth: the quantile cost_short ÷ (cost_short + 1) of
 * the predictive distribution of use (the newsvendor rule), with over-cutting costing 1. Normal about its mean where its spread is taken as known;
 * Student's t where the spread was learned, with as much freedom as records it rests on.
 */
export function riskAllowance(predicted: Predicted, skill: Skill, figures: Figures): number {
  const quantile = figures.short_cost / (figures.short_cost + 1);
  const freedom = freedomOf(skill, figures);
  const normal = deviationsFor(quantile);
  return Math.max(0, freedom > 0 ? studentFrom(normal, freedom) : normal) * deviationOf(predicted, skill, figures);
}

/** Chance, 0 to 1, that a leg with this much spare cord beyond its mean use runs short. */
export function shortChance(spare: number, predicted: Predicted, skill: Skill, figures: Figures): number {
  const deviation = deviationOf(predicted, skill, figures);
  if (deviation === 0) return spare < 0 ? 1 : 0;
  const freedom = freedomOf(skill, figures);
  const deviations = spare / deviation;
  return 1 - shareBelow(freedom > 0 ? normalFrom(deviations, freedom) : deviations);
}

/**
 * Whether what a piece uses in knots is known from records, all of it.
 *
 * @example
 * restsOnRecords(piece) // false
 */
export const restsOnRecords = ({ sections }: Pick<Piece, 'sections'>): boolean =>
  Object.values(sections).every(({ factors }) => Object.values(factors).every(({ records }) => records > 0));

/**
 * The chance in plain words: `about 1 in 60 would run short`.
 *
 * @example
 * inWords(0.016) // 'about 1 in 63 would run short'
 */
export function inWords(chance: number): string {
  if (chance < 1 / 1000) return 'fewer than 1 in 1,000 would run short';
  if (chance > 0.9) return 'nearly all would run short';
  if (chance > 0.4) return `about ${Math.round(chance * 10)} in 10 would run short`;
  return `about 1 in ${Math.round(1 / chance)} would run short`;
}
