import type { Piece, PieceSection } from '../project';

/** Sections that stand in for one whose beads are a sequence, in order. */
const STAND_INS = ['-strung-first', '', '-strung-rest', '-strung-middle', '-strung-back', '-strung-last'] as const;

const known = new WeakMap<Piece['sections'], Map<string, readonly PieceSection[]>>();

/**
 * The sections of a piece that a making means by an id: itself, or those that stand in for it where its beads are a sequence.
 *
 * @example
 * sectionsBy(piece, 'band').length // 1
 */
export function sectionsBy({ sections }: Pick<Piece, 'sections'>, id: string): readonly PieceSection[] {
  // A making asks for the same few names over and over.
  const found = known.get(sections) ?? new Map<string, readonly PieceSection[]>();
  known.set(sections, found);
  const own = found.get(id) ?? STAND_INS.flatMap((more) => sections[`${id}${more}`] ?? []);
  found.set(id, own);
  return own;
}

/**
 * Whether a piece has a part or section of that id.
 *
 * @example
 * isIn(piece, 'no-such-part') // false
 */
export const isIn = (piece: Pick<Piece, 'sections' | 'parts'>, id: string): boolean =>
  id in piece.parts || sectionsBy(piece, id).length > 0;
