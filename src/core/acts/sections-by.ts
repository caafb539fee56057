import type { Piece, PieceSection } from '../project';

/** Sections that stand in for one whose beads are a sequence. */
const STAND_INS = ['-strung-first', '', '-strung-rest', '-strung-middle', '-strung-back', '-strung-last'] as const;

/**
 * The sections of a piece that a making means by an id: itself, or those that stand in for it where its beads are a sequence.
 *
 * @example
 * sectionsBy(piece, 'band').length // 1
 */
export const sectionsBy = ({ sections }: Pick<Piece, 'sections'>, id: string): PieceSection[] =>
  STAND_INS.flatMap((more) => sections[`${id}${more}`] ?? []);

/**
 * Whether a piece has a part or section of that id.
 *
 * @example
 * isIn(piece, 'no-such-part') // false
 */
export const isIn = (piece: Pick<Piece, 'sections' | 'parts'>, id: string): boolean =>
  id in piece.parts || sectionsBy(piece, id).length > 0;
