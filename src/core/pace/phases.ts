import { actsOf, type PieceAct } from '../acts';
import type { Fit } from '../fit';
import { ACT_PHASES, type Piece } from '../project';
import type { Figures } from '../studio';
import { actMinutes } from './act-minutes';
import { fineness, handsOf, isChild, type Maker } from './hands';

export type { Maker };

/** What a seat goes through: it settles, does the acts of its piece, which come in the order of its making, and tidies. */
export const PHASES = ['settle', ...ACT_PHASES, 'tidy'] as const;
export type PhaseName = (typeof PHASES)[number];

/** A step of a seat: its minutes, half of all times shorter and half longer, and where it is done. */
export interface PaceStep {
  /** The act's name in the making; `settle` and `tidy` beside them. */
  readonly id: string;
  readonly phase: PhaseName;
  /** The sections that are counted while it is done. */
  readonly counts: readonly string[];
  readonly minutes: number;
  /** Of these, minutes of knots, and of what hands do beside them. */
  readonly knotting: number;
  readonly handling: number;
  readonly at: 'seat' | 'station';
  /** Minutes that its glue dries when it is done, and the step that waits for that: the n-th, or the end. */
  readonly dries: number;
  readonly until: number;
}

/** How a seat gets on: its steps in order, how much makers like this one differ, and what was prepared for it. */
export interface Pace {
  readonly steps: readonly PaceStep[];
  /** Standard deviation of the logarithm of the time. */
  readonly spread: number;
  /** Minutes that the instructor prepares beforehand, by a fluent hand. */
  readonly prepared: number;
}

/** How much makers of a skill and age differ in such a cord: what comes on top adds as variances do. */
function spreadOf(piece: Piece, maker: Maker, figures: Figures): number {
  const skill = {
    new: figures.pace_spread_new,
    steady: figures.pace_spread_steady,
    fluent: figures.pace_spread_fluent,
  }[maker.skill];
  const fine = Math.max(0, ...Object.values(piece.sections).map(({ d }) => fineness(d))) * figures.pace_spread_fine;
  return Math.hypot(skill, isChild(maker, figures) ? figures.pace_spread_child : 0, fine);
}

/** How many steps after an act that glues the next one comes that handles what is glued; where none does, the piece is done first. */
function waitOf(later: readonly PieceAct[], { of }: PieceAct): number {
  const steps = later.filter(({ by }) => by !== 'instructor');
  const next = steps.findIndex((one) => one.of.some((name) => of.includes(name)));
  return 1 + (next < 0 ? steps.length : next);
}

/** A step beside the acts of the piece. */
const apart = (phase: 'settle' | 'tidy', minutes: number): PaceStep => ({
  id: phase,
  phase,
  counts: [],
  minutes,
  knotting: 0,
  handling: 0,
  at: 'seat',
  dries: 0,
  until: 0,
});

/**
 * The steps of a seat at its piece, act by act, and how much makers of that skill and age differ. Everything in it is a figure of the
 * studio or a part's own seconds; an estimate until records say better.
 *
 * @example
 * paceOf(piece, fit, { skill: 'new', age: null }, figures).steps[0].minutes // 5
 */
export function paceOf(piece: Piece, fit: Fit, maker: Maker, figures: Figures): Pace {
  const acts = actsOf(piece);
  const minutes = actMinutes(acts, piece, fit, handsOf(maker, figures), figures);
  const steps: PaceStep[] = [apart('settle', figures.settle_minutes)];
  let prepared = 0;
  acts.forEach((one, i) => {
    const { knotting, handling, fixed } = minutes[i]!;
    const all = knotting + handling + fixed;
    if (one.by === 'instructor') prepared += all;
    else
      steps.push({
        id: one.act.id,
        phase: one.act.phase,
        counts: one.counts,
        minutes: all,
        knotting,
        handling,
        at: one.heat ? 'station' : 'seat',
        dries: one.glue ? figures.glue_minutes : 0,
        until: one.glue ? steps.length + waitOf(acts.slice(i + 1), one) : 0,
      });
  });
  steps.push(apart('tidy', figures.tidy_minutes));
  return { steps, spread: spreadOf(piece, maker, figures), prepared };
}

/**
 * Minutes of each phase of a seat, in the order in which it first comes to it.
 *
 * @example
 * minutesByPhase(paceOf(piece, fit, { skill: 'new', age: null }, figures))[0].phase // 'settle'
 */
export function minutesByPhase({
  steps,
}: Pick<Pace, 'steps'>): { readonly phase: PhaseName; readonly minutes: number }[] {
  const found = new Map<PhaseName, number>();
  for (const { phase, minutes } of steps) found.set(phase, (found.get(phase) ?? 0) + minutes);
  return [...found].map(([phase, minutes]) => ({ phase, minutes }));
}

/**
 * The steps that can be done for a seat beforehand: those between settling and its first knot or bead.
 *
 * @example
 * startOf(pace)[0].phase // 'set-up'
 */
export const startOf = ({ steps }: Pick<Pace, 'steps'>): readonly PaceStep[] => {
  const first = steps.findIndex(({ phase, counts }) => phase === 'knot' || phase === 'bead' || counts.length > 0);
  return steps.slice(1, Math.max(1, first));
};
