import { OVERHAND_HEIGHT } from '../stitch';
import { origin } from '../studio';
import { girthOf } from './way/girth';
import {
  aloneWays,
  asOneWays,
  heightOfSeveral,
  knotLength,
  lengthOfSeveral,
  roundLength,
  roundWays,
  type StopperName,
} from './way/knot-way';
import type { Way } from './way/way';
import { n1, noClash, type Part, type PartContext, type PartUse } from './part';

type Tied = Pick<PartContext, 'strands' | 'd' | 'tied' | 'stands'>;

/** A stopper: which knot, how it is called, and the height of one strand's, in its diameters. */
export interface Stopper {
  readonly knot: StopperName;
  readonly name: string;
  readonly height: number;
}

/** How much higher a knot stands that one leg ties round another, as against one of a single strand: derived, its turns go round two. */
const ROUND_ANOTHER = 1.35;
const isByOne = ({ tied, strands }: Pick<Tied, 'strands' | 'tied'>): boolean => tied === 'one' && strands > 1;

/** Band length of a stopper, mm: of several strands as one, of the knot as it is drawn tight. */
export function stopperAlong(context: Tied, { knot, height }: Stopper): number {
  const { strands, d } = context;
  if (isByOne(context)) return height * ROUND_ANOTHER * d;
  return (strands > 1 ? heightOfSeveral(knot, strands) : height) * d;
}

/**
 * Cord one leg uses in a stopper of several, along the way it is drawn tight. Tied by all as one, each leg goes the whole way of a knot
 * of so many. Tied by one leg round the others, that leg goes round them at each turn, and the others run straight through.
 */
export function stopperCord(context: Tied, stopper: Stopper): PartUse {
  const { strands, d, stands } = context;
  const { knot, name, height } = stopper;
  if (isByOne(context)) {
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
  const cord = strands > 1 ? lengthOfSeveral(knot, strands) : knotLength(knot, height);
  return {
    mm: cord * d,
    because: origin(
      'knot-by-all',
      { knot, diameters: cord, strands, cord_mm: d },
      `the ${name}${strands > 1 ? ` of ${strands} strands as one` : ''}: ${n1(cord)} × ${n1(d)}`,
    ),
  };
}

/** The ways of a stopper's legs. */
export function stopperWays(context: Tied, stopper: Stopper): Way[] {
  const { strands, d } = context;
  if (isByOne(context)) return roundWays(`${stopper.knot}-round`, strands, d, stopperAlong(context, stopper) / d);
  return strands > 1 ? asOneWays(stopper.knot, strands, d) : aloneWays(stopper.knot, d, stopper.height);
}

/** Girth of a stopper, mm: round its strands as they are drawn. */
export const stopperGirth = ({ strands, tied, d }: Tied, stopper: Stopper): number =>
  girthOf(`${stopper.knot} ${strands} ${tied}`, () => stopperWays({ strands, tied, d: 1, stands: false }, stopper)) * d;

export const OVERHAND_KNOT: Stopper = { knot: 'overhand', name: 'overhand knot', height: OVERHAND_HEIGHT };

/** Cord one leg uses in an overhand knot. */
export const knotCord = (context: Tied): PartUse => stopperCord(context, OVERHAND_KNOT);

/** A fine strand in a knot of thicker ones goes as far round as they do. */
const among = (context: PartContext): PartContext =>
  context.round > context.d ? { ...context, d: context.round } : context;

export const overhand: Part = {
  slug: 'overhand',
  name: 'Overhand knot',
  stretch: 'end',
  use: (context) => knotCord(among(context)),
  ways: (context) => stopperWays(among(context), OVERHAND_KNOT),
  along: (context) => stopperAlong(context, OVERHAND_KNOT),
  girth: (context) => stopperGirth(context, OVERHAND_KNOT),
  byOne: true,
  check: noClash,
  seconds: 20,
  end: 'drawn',
  tools: [],
  step: 'Tie the strands in an overhand knot, slide it into place, and draw each strand tight in turn.',
};
