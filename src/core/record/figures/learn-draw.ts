import { SKILLS, type Figures } from '../../studio';
import type { FigureSaid } from './figure-said';
import type { Indexed } from './indexed';
import { learnScale, measure, nothingMeasured } from './learn-scale';

/** Fewer half knots than this say little of how far apart they are drawn. */
const FEWEST = 4;

/** Draw by skill: a count of half knots over the length they made, against the tightest there can be. */
export function drawSaid({ records, maker, makers, bySkill }: Indexed, start: Figures, figures: Figures): FigureSaid[] {
  return SKILLS.flatMap((skill, s): FigureSaid[] => {
    const custom = start[`draw_${skill}`];
    const seen = nothingMeasured();
    for (const at of bySkill[s]!) {
      const { planned, said } = records[at]!;
      const { half_knots: knots, band_mm: band } = said;
      if (planned.tight_mm === null || !knots || !band || knots < FEWEST) continue;
      measure(seen, maker[at]!, knots * planned.tight_mm * custom, band, 2 * (figures.tape_reads / band) ** 2);
    }
    const learned = learnScale(
      {
        key: `figure/draw_${skill}`,
        kind: 'draw',
        start: custom,
        reach: figures.learn_draw,
        spread: { maker: figures.learn_maker, piece: figures.learn_piece },
        measure: 'mm',
        seen,
        makers: makers.length,
      },
      figures,
    );
    return learned ? [learned.figure] : [];
  });
}
