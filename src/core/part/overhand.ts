import { OVERHAND_HEIGHT } from '../stitch';
import { origin } from '../studio';
import { asOneWays, knotLength, roundLength, roundWays } from './way/knot-way';
import type { Way } from './way/way';
import { asOne, n1, noClash, type Part, type PartContext, type PartUse } from './part';

type Tied = Pick<PartContext, 'strands' | 'd' | 'tied' | 'stands'>;

/** A stopper: which knot, how it is called, and its height in diameters of what is knotted. */
export interface Stopper {
  readonly knot: 'overhand' | 'double-overhand' | 'figure-eight';
  readonly name: string;
  readonly height: number;
}

/** How thick a knot comes out, in diameters of one strand: of all as one, or of one leg round another. */
export const knotted = ({ strands, tied }: Pick<PartContext, 'strands' | 'tied'>): number =>
  tied === 'one' && strands > 1 ? 1.35 : asOne(strands);

/** Band length of a stopper, mm. */
export const stopperAlong = (context: Tied, { height }: Stopper): number => height * knotted(context) * context.d;

/**
 * Cord one leg uses in a stopper of several, along the way it is drawn. Tied by all as one, each leg goes the whole way of a knot so
 * much thicker. Tied by one leg round the others, that leg goes round them at each turn, and the others run straight through.
 */
export function stopperCord(context: Tied, stopper: Stopper): PartUse {
  const { strands, d, tied, stands } = context;
  const { knot, name, height } = stopper;
  if (tied === 'one' && strands > 1) {
    const along = stopperAlong(context, stopper);
    if (stands)
      return {
        mm: along,
        because: origin('straight-through-knot', { knot, way_mm: along }, `straight through the ${name}: ${n1(along)}`),
      };
    const own = roundLength(`${knot}-round`, strands, along / d);
    return {
      mm: own * d,
      because: origin(
        'knot-by-one',
        { knot, diameters: own, cord_mm: d },
        `the ${name}, one leg round the others: ${n1(own)} × ${n1(d)}`,
      ),
    };
  }
  const cord = knotLength(knot, height);
  return {
    mm: cord * asOne(strands) * d,
    because: origin(
      'knot-by-all',
      { knot, diameters: cord, strands, as_one: asOne(strands), cord_mm: d },
      `the ${name}: ${n1(cord)} × ${strands > 1 ? `${asOne(strands).toFixed(2)} for ${strands} strands as one × ` : ''}${n1(d)}`,
    ),
  };
}

/** The ways of a stopper's legs. */
export function stopperWays(context: Tied, stopper: Stopper): Way[] {
  const { strands, d, tied } = context;
  if (tied === 'one' && strands > 1)
    return roundWays(`${stopper.knot}-round`, strands, d, stopperAlong(context, stopper) / d);
  return asOneWays(stopper.knot, strands, d, stopperCord(context, stopper).mm, stopperAlong(context, stopper));
}

export const OVERHAND_KNOT: Stopper = { knot: 'overhand', name: 'overhand knot', height: OVERHAND_HEIGHT };

/** Cord one leg uses in an overhand knot. */
export const knotCord = (context: Tied): PartUse => stopperCord(context, OVERHAND_KNOT);

/** How thick a stopper knot is across, in diameters of what is knotted: its passes lie about three abreast. */
export const KNOT_ACROSS = 3;

export const overhand: Part = {
  slug: 'overhand',
  name: 'Overhand knot',
  stretch: 'end',
  use: knotCord,
  ways: (context) => stopperWays(context, OVERHAND_KNOT),
  along: (context) => stopperAlong(context, OVERHAND_KNOT),
  girth: (context) => Math.PI * KNOT_ACROSS * knotted(context) * context.d,
  byOne: true,
  check: noClash,
  seconds: 20,
  end: 'drawn',
  tools: [],
  step: 'Tie the strands in an overhand knot, slide it into place, and draw each strand tight in turn.',
};
