import type { PlannedPiece, SaidOfPiece } from '../src/core/record';
import type { Skill } from '../src/core/studio';
import { chance } from './chance';

/** How the demo's makers really work, which only their records tell: what stitches use in each cord, how far apart they draw, how quick they are. */
const USES: Readonly<Record<string, number>> = {
  'sheathed-3': 1.07,
  'sheathed-4': 1.03,
  'sheathed-2': 1.1,
  'satin-2': 0.94,
};
const DRAWS: Readonly<Record<Skill, number>> = { new: 1.24, steady: 1.15, fluent: 1.07 };
const SLOWER: Readonly<Record<Skill, number>> = { new: 1.25, steady: 0.9, fluent: 1 };
/** How much makers, and pieces of one maker, differ; how many tapes are misread. */
const [BETWEEN, WITHIN, MISREAD] = [0.05, 0.05, 0.05];

/** Somebody who makes: what they use and how quick they are, of what others of their skill do. */
export interface Maker {
  readonly uses: number;
  readonly slower: number;
}

export const makerOf = (seed: number): Maker => {
  const { normal } = chance(seed * 7919);
  normal();
  return { uses: BETWEEN * normal(), slower: 0.2 * normal() };
};

/** What comes of a piece in some maker's hands, as an instructor would note it: to the nearest 5 mm, now and then with a tape misread, most of it sometimes left out. */
export function makes(planned: PlannedPiece, maker: Maker, seed: number): SaidOfPiece {
  const { share, normal } = chance(seed);
  const { skill, half_knots: knots } = planned;
  const piece = WITHIN * normal();
  const left: NonNullable<SaidOfPiece['left']> = {};
  planned.cords.forEach((cord, i) => {
    if (cord.stitch === null) return;
    const use = cord.stitches_mm * (USES[cord.cord] ?? 1) * Math.exp(maker.uses + piece);
    const rest = (cord.cut_mm - cord.other_mm - use) * cord.pieces;
    const misread = share() < MISREAD ? (share() < 0.5 ? 2.54 : 1 / 2.54) : 1;
    const ends = Math.max(1, cord.ends) * cord.pieces;
    left[String(i)] =
      rest < cord.tail_mm * cord.pieces * 0.35
        ? { short: true, at: knots === null ? '' : String(Math.round(knots * (0.85 + 0.1 * share()))) }
        : { mm: Array.from({ length: ends }, () => Math.max(5, Math.round((rest * misread) / ends / 5) * 5)) };
  });
  const ranShort = Object.values(left).some((one) => one && 'short' in one);
  const draw = DRAWS[skill] * Math.exp(0.03 * normal());
  const tight = share() < 0.8 ? planned.tight_mm : null;
  const minutes = (planned.knotting * SLOWER[skill] + planned.parts) * Math.exp(maker.slower + 0.15 * normal());
  return {
    left,
    ...(knots !== null && tight !== null && { half_knots: knots, band_mm: Math.round(knots * tight * draw) }),
    ...(share() < 0.7 && { minutes: Math.round(minutes) }),
    ...(share() < 0.6 && { fits: (['right', 'right', 'right', 'tight', 'loose'] as const)[Math.floor(share() * 5)] }),
    ...(ranShort ? { finished: 'not finished' } : {}),
  };
}
