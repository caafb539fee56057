import { OVERHAND_EXCESS, OVERHAND_HEIGHT } from '../stitch';
import { asOne, n1, noClash, turn, type Part, type PartContext, type PartUse } from './part';

/** Cord of an overhand knot, in diameters of what is knotted, from drawing the knot tight. */
export const OVERHAND_CORD = OVERHAND_EXCESS + OVERHAND_HEIGHT;

/** What a turn round one strand more takes, in diameters: the hull of two circles against one. */
const ROUND_ANOTHER = turn(2, 1) - turn(1, 1);

/**
 * Cord one leg uses in a stopper of several. Tied by all as one, each leg goes the whole way of a knot so much thicker. Tied by one leg
 * round the others, that leg goes its own way and round them at each turn, and the others run straight through.
 *
 * @param cord of the knot tied in one strand, in diameters
 * @param turns of the knot that go round the standing legs
 */
export function stopperCord(
  { strands, d, tied, stands }: Pick<PartContext, 'strands' | 'd' | 'tied' | 'stands'>,
  name: string,
  cord: number,
  turns: number,
): PartUse {
  if (tied === 'one' && strands > 1) {
    if (stands) return { mm: OVERHAND_HEIGHT * d, because: `straight through the ${name}: ${n1(OVERHAND_HEIGHT * d)}` };
    const own = cord + turns * ROUND_ANOTHER;
    return { mm: own * d, because: `the ${name}, one leg round the others: ${n1(own)} × ${n1(d)}` };
  }
  return {
    mm: cord * asOne(strands) * d,
    because: `the ${name}: ${n1(cord)} × ${strands > 1 ? `${asOne(strands).toFixed(2)} for ${strands} strands as one × ` : ''}${n1(d)}`,
  };
}

/** Cord one leg uses in an overhand knot. */
export const knotCord = (context: Pick<PartContext, 'strands' | 'd' | 'tied' | 'stands'>): PartUse =>
  stopperCord(context, 'overhand knot', OVERHAND_CORD, 1);

/** How thick a knot comes out, in diameters of one strand: of all as one, or of one leg round another. */
export const knotted = ({ strands, tied }: Pick<PartContext, 'strands' | 'tied'>): number =>
  tied === 'one' && strands > 1 ? 1.35 : asOne(strands);

/** How thick a stopper knot is across, in diameters of what is knotted: its passes lie about three abreast. */
export const KNOT_ACROSS = 3;

export const overhand: Part = {
  slug: 'overhand',
  name: 'Overhand knot',
  stretch: 'end',
  use: knotCord,
  along: (context) => OVERHAND_HEIGHT * knotted(context) * context.d,
  girth: (context) => Math.PI * KNOT_ACROSS * knotted(context) * context.d,
  byOne: true,
  check: noClash,
  seconds: 20,
  end: 'drawn',
  tools: [],
  step: 'Tie the strands in an overhand knot, slide it into place, and draw each strand tight in turn.',
};
