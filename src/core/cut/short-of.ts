import type { Fit } from '../fit';
import type { Piece } from '../project';
import type { Figures, Skill } from '../studio';
import { shortChance, tailOf } from './allowance';
import { totalOf } from './anatomy';
import type { Cut } from './cut';
import { walkLegs } from './walk';

/**
 * Chance, 0 to 1, that a fitted piece runs short of cuts that were reckoned otherwise than it is now: by other figures, or by hand. A cord that the
 * piece has and the cuts have not is left out.
 *
 * @example
 * shortOf(piece, fit, cutPiece(piece, fit, { wrist: 165 }, 'measured', 'steady', figures).cuts, 'steady', figures) < 1 / 59 // true
 */
export function shortOf(
  piece: Piece,
  fit: Fit,
  cuts: readonly Pick<Cut, 'role' | 'cord' | 'colour' | 'length_mm'>[],
  skill: Skill,
  figures: Figures,
): number {
  const legs = walkLegs(piece, fit);
  return piece.cords.reduce((most, own) => {
    const cut = cuts.find(
      ({ role, cord, colour }) => role === own.use.role && cord === own.cord.slug && colour === own.colour,
    );
    if (!cut) return most;
    const together = legs.filter(({ cord }) => cord === own);
    const entries = together.flatMap((leg) => leg.entries);
    const tails = together
      .flatMap((leg) => leg.tails)
      .reduce((sum, tail) => sum + tailOf(tail, skill, own.cord, figures), 0);
    const use = totalOf(entries.filter((entry) => entry.for === 'stitches'));
    const spare = cut.length_mm - totalOf(entries) - tails;
    const doubt = together.reduce((sum, leg) => sum + leg.doubt, 0);
    return Math.max(most, use > 0 ? shortChance(spare, { use, doubt }, skill, figures) : spare < 0 ? 1 : 0);
  }, 0);
}
