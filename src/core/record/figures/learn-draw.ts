import { SKILLS, type Figures } from '../../studio';
import type { FigureSaid } from './figure-said';
import { learnScale, type Measured } from './learn-scale';
import type { YieldRecord } from '../yield-record';

/** Fewer half knots than this say little of how far apart they are drawn. */
const FEWEST = 4;

/** Draw by skill: a count of half knots over the length they made, against the tightest there can be. Closer than that is misread. */
export function drawSaid(records: readonly YieldRecord[], start: Figures, figures: Figures): FigureSaid[] {
  return SKILLS.flatMap((skill): FigureSaid[] => {
    const custom = start[`draw_${skill}`];
    const seen = records.flatMap(({ maker, planned, said }): Measured[] => {
      const { half_knots: knots, band_mm: band } = said;
      if (planned.skill !== skill || planned.tight_mm === null || !knots || !band || knots < FEWEST) return [];
      const predicted = knots * planned.tight_mm * custom;
      const noise = 2 * (figures.tape_reads / band) ** 2;
      return [{ maker, y: Math.log(band / predicted), noise, point: { predicted, found: band } }];
    });
    const spread = { maker: figures.learn_maker, piece: figures.learn_piece };
    const scale = {
      name: `draw_${skill}`,
      kind: 'draw',
      start: custom,
      reach: figures.learn_draw,
      spread,
      measure: 'mm',
      seen,
    } as const;
    const learned = learnScale(scale, figures);
    return learned ? [learned.figure] : [];
  });
}
