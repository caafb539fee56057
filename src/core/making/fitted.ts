import type { Seat, SeatPlan } from '../seat';
import type { PieceSection } from '../project';
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

/** Sections that stand in for one whose beads are a sequence. */
const STAND_INS = ['-strung-first', '', '-strung-rest', '-strung-middle', '-strung-back', '-strung-last'] as const;

/** The sections of a piece that a making means by an id. */
export const sectionsBy = ({ piece }: Pick<Fitted, 'piece'>, id: string): PieceSection[] =>
  STAND_INS.flatMap((more) => piece.sections[`${id}${more}`] ?? []);

/** Whether a piece has a part or section of that id. */
export const isIn = (fitted: Pick<Fitted, 'piece'>, id: string): boolean =>
  id in fitted.piece.parts || sectionsBy(fitted, id).length > 0;
