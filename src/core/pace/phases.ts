import type { Fit } from '../fit';
import { safetyClass, type Part } from '../part';
import type { Piece } from '../project';
import type { Figures, Skill } from '../studio';

/** What a seat goes through, in order. It waits for the showing once it has settled, and for the flame before it finishes. */
export const PHASES = ['settle', 'set-up', 'knot', 'beads', 'closure', 'check', 'finish', 'tidy'] as const;
export type PhaseName = (typeof PHASES)[number];

/** A phase of a seat: its minutes, half of all times shorter and half longer, and where it is done. */
export interface Phase {
  readonly phase: PhaseName;
  readonly minutes: number;
  readonly at: 'seat' | 'station';
}

/** How a seat gets on: its phases in order, those that take no time left out, and how much makers like this one differ. */
export interface Pace {
  readonly phases: readonly Phase[];
  /** Standard deviation of the logarithm of the time. */
  readonly spread: number;
}

/** Who makes the piece. */
export interface Maker {
  readonly skill: Skill;
  readonly age: number | null;
}

/** The first half knots of a piece are slower than the rest: this many. */
const LEARNING = 6;
/** Worked diameters of cords of 1 mm and of 4 mm, as they are drawn tight: those between take between the longest and the shortest for a half knot. */
const [FINE, THICK] = [0.9, 3.25];

const isChild = ({ age }: Maker, figures: Figures): boolean => age !== null && age < figures.child_age;

/** How fine a cord is, by its worked diameter: 0 of 4 mm, 1 of 1 mm. */
const fineness = (d: number): number => Math.min(1, Math.max(0, (THICK - d) / (THICK - FINE)));

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

/** Minutes of knotting: every tie of every section, the first of them slower. */
function knotMinutes(piece: Piece, counts: Fit['counts'], maker: Maker, figures: Figures): number {
  const perTie = {
    new: figures.half_knot_new,
    steady: figures.half_knot_steady,
    fluent: figures.half_knot_fluent,
  }[maker.skill];
  const sections = Object.values(piece.sections).map(({ id, runs, arms, d }) => ({
    ties: counts[id]! * arms * runs.reduce((unit, { stitch, times }) => unit + times * stitch.effort, 0),
    slower: 1 + (figures.fine_slower - 1) * fineness(d),
  }));
  const ties = sections.reduce((sum, own) => sum + own.ties, 0);
  const first = Math.min(LEARNING, ties) * (sections[0]?.slower ?? 1) * (figures.slow_start - 1);
  const all = sections.reduce((sum, own) => sum + own.ties * own.slower, first);
  return (all * perTie * (isChild(maker, figures) ? figures.child_slower : 1)) / 60;
}

const STARTS: ReadonlySet<Part['stretch']> = new Set(['start', 'loop', 'join']);

/**
 * The phases of a seat at its piece, and how much makers of that skill and age differ. Everything in it is a figure of the studio or
 * a part's own seconds; an estimate until records say better.
 *
 * @example
 * phasesOf(piece, fit, { skill: 'new', age: null }, figures).phases[0] // { phase: 'settle', minutes: 5, at: 'seat' }
 */
export function phasesOf(piece: Piece, { counts }: Fit, maker: Maker, figures: Figures): Pace {
  const { skill } = maker;
  const child = isChild(maker, figures) ? figures.child_slower : 1;
  const slower = { new: figures.part_slower_new, steady: figures.part_slower_steady, fluent: 1 }[skill] * child;
  const parts = Object.values(piece.parts).map(({ part }) => part);
  const needsFlame = (part: Part): boolean => piece.flame && safetyClass(part) === 'heat';
  const byHand = (of: (part: Part) => boolean): number =>
    (parts.filter((part) => of(part) && !needsFlame(part)).reduce((sum, { seconds }) => sum + seconds, 0) * slower) /
    60;
  const isEnd = ({ stretch }: Part): boolean => stretch === 'end';
  const beads = Object.values(piece.sections).reduce(
    (sum, { id, beadCounts, arms }) => sum + counts[id]! * arms * beadCounts.reduce((all, own) => all + own, 0),
    0,
  );
  const atFlame = parts.some(needsFlame);
  const seat = (phase: PhaseName, minutes: number): Phase => ({ phase, minutes, at: 'seat' });
  const all: Phase[] = [
    seat('settle', figures.settle_minutes),
    seat(
      'set-up',
      byHand(({ stretch }) => STARTS.has(stretch)),
    ),
    seat('knot', knotMinutes(piece, counts, maker, figures)),
    seat('beads', (beads * figures.bead_seconds * slower) / 60),
    seat(
      'closure',
      byHand((part) => !isEnd(part) && !STARTS.has(part.stretch)),
    ),
    seat('check', figures.check_minutes),
    atFlame ? { phase: 'finish', minutes: figures.station_minutes, at: 'station' } : seat('finish', byHand(isEnd)),
    seat('tidy', figures.tidy_minutes),
  ];
  const spread = spreadOf(piece, maker, figures);
  return { phases: all.filter(({ minutes }) => minutes > 0), spread };
}

/**
 * Minutes a seat works at its piece, from first fold to last end; an estimate, rounded up to whole minutes.
 *
 * @example
 * workingMinutes(phasesOf(piece, fit, { skill: 'new', age: null }, figures)) > 0 // true
 */
export function workingMinutes({ phases }: Pace): number {
  const works = phases.filter(({ phase }) => phase !== 'settle' && phase !== 'check' && phase !== 'tidy');
  return Math.ceil(works.reduce((sum, { minutes }) => sum + minutes, 0));
}
