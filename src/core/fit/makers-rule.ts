import type { Piece } from '../project';
import type { Figures } from '../studio';

/** The length, mm, that makers' own rule gives a closed piece, and the figures it is made of. */
export interface MakersRule {
  readonly closed_mm: number;
  readonly more_mm: number;
  readonly isThick: boolean;
}

/** Cord of this diameter or more, mm, is thick: customary. */
const THICK = 3;

/**
 * The rule of thumb that makers go by: the wrist and an inch for thick cord, less for thin. It knows nothing of ease, closure or
 * thickness, and stands beside what is calculated.
 *
 * @example
 * makersRule(piece, 168, figures).closed_mm === 168 + figures.rule_thick // true
 */
export function makersRule({ cords }: Piece, wrist: number, figures: Figures): MakersRule {
  const isThick = Math.max(...cords.map(({ cord }) => cord.diameter_mm)) >= THICK;
  const more_mm = isThick ? figures.rule_thick : figures.rule_thin;
  return { closed_mm: wrist + more_mm, more_mm, isThick };
}
