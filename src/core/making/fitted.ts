import type { Seat, SeatPlan, SeatRecord } from '../seat';
import type { MakingWords } from './words';

/** The units a making’s lengths are written in. */
export type MakingUnits = 'mm' | 'cm' | 'cm,' | 'in';

/** What of a seat bears on how its making is told. */
export type Maker = Pick<Seat, 'age' | 'skill' | 'options'>;

/** What a making is filled from: a seat with its plan, which has a piece and a fit. */
export interface Fitted {
  readonly maker: Maker;
  readonly piece: NonNullable<SeatPlan['piece']>;
  readonly fit: NonNullable<SeatPlan['fit']>;
  readonly units: MakingUnits;
  readonly words: MakingWords;
}

/**
 * Whom a seat's making is told to. A skill that nobody gave is a beginner's.
 *
 * @example
 * makerOf({ age: 30, skill: null, options: {} }).skill // 'new'
 */
export const makerOf = ({ age, skill, options }: Pick<SeatRecord, 'age' | 'skill' | 'options'>): Maker => ({
  age,
  skill: skill ?? 'new',
  options,
});
