import type { Course, CountedStretch } from '../bench';
import type { Fit } from '../fit';
import type { Piece } from '../project';
import type { SeatPlan } from '../seat';
import type { Figures, Skill, Values } from '../studio';
import type { EndToCome } from './ends-to-come';
import type { Lasts, Left } from './will-it-last';

/** An offcut on the shelf of a cord in a colour. */
export interface ShelfOffcut {
  readonly label: string;
  readonly cord: string;
  readonly colour: string;
  readonly mm: number;
}

/** A seat whose cord runs short, as every rescue sees it. */
export interface Short {
  readonly plan: SeatPlan;
  readonly piece: Piece;
  readonly fit: Fit;
  readonly course: Course;
  readonly stretch: CountedStretch;
  readonly made: number;
  /** Ties of the stretch that are still to come, and those that the shortest end lasts for. */
  readonly toCome: number;
  readonly possible: number;
  readonly lasts: Lasts;
  readonly left: Left;
  readonly ends: readonly EndToCome[];
  readonly skill: Skill;
  readonly figures: Figures;
  readonly offcuts: readonly ShelfOffcut[];
}

/**
 * A way to rescue a piece: what to do, in figures for this seat; lengths as mm between braces, for the reader's units: `{123}`. `slug`
 * says which it is and `values` what it speaks of, lengths in mm, so that it can be said in other words.
 */
export interface Rescue {
  readonly slug: string;
  readonly title: string;
  readonly text: string;
  /** What of the piece is kept, in a few words. */
  readonly keeps: string;
  readonly values: Values;
}

/** A kind of rescue: what it comes to for a seat, or null where it does not help. */
export type RescueKind = (short: Short) => Rescue | null;

export const mm = (length: number): string => `{${Math.round(length)}}`;
export const knots = ({ words }: CountedStretch, n: number): string =>
  `${n} more ${n === 1 ? words.slice(0, -1) : words}`;
