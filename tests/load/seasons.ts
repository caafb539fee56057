import { chance } from '../../demo/chance';
import { asValue, learn, putInForce, type YieldRecord } from '../../src/core/record';
import { SHIPPED } from '../../catalogue';
import { STARTING_FIGURES, type Figures } from '../../src/core/studio';
import { plannedWith } from './studios';

/**
 * Seasons of a studio whose makers need a tail of so many mm, all of them: cut by what it last accepted, recorded, learned from all records so far
 * and accepted again. Answers of each season which share ran short, and the tail that was accepted after it, mm.
 */
export function seasonsOf(truth: number, seasons: number, each: number, seed = 1): { short: number; tail: number }[] {
  const { normal } = chance(seed);
  const records: YieldRecord[] = [];
  let figures: Figures = STARTING_FIGURES;
  return Array.from({ length: seasons }, (_, season) => {
    let short = 0;
    for (let i = 0; i < each; i++) {
      const planned = plannedWith(i % 6, 'steady', figures);
      const place = planned.cords.findIndex(({ stitch }) => stitch !== null);
      const cord = planned.cords[place]!;
      const use = cord.stitches_mm * Math.exp(0.045 * normal());
      const left = (cord.cut_mm - cord.other_mm - use) / cord.ends;
      const isShort = left < truth;
      if (isShort) short++;
      records.push({
        piece: `${season}-${i}`,
        session: `${season}-${Math.floor(i / 10)}`,
        maker: `${i % 25}`,
        planned,
        seen: null,
        said: {
          left: {
            [String(place)]: isShort
              ? { short: true, at: '' }
              : { mm: Array.from({ length: cord.ends * cord.pieces }, () => Math.round(left)) },
          },
        },
      });
    }
    const said = learn({ records, hands: [], growth: [] }, STARTING_FIGURES).figures;
    const own = said.find(({ key }) => key === 'figure/tail_steady')!;
    figures = putInForce(own.key, asValue(own), { figures, cords: SHIPPED.cords }).figures;
    return { short: short / each, tail: own.value };
  });
}
