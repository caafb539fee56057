import type { Piece } from '../../core/project';

/** The hex of every colour of a piece's cords, by its slug. */
export const hexes = (piece: Piece): Record<string, string> =>
  Object.fromEntries(
    piece.cords.flatMap(({ cord }) => cord.colours.map((colour): [string, string] => [colour.slug, colour.hex])),
  );
