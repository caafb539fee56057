import { OVERHAND_EXCESS, OVERHAND_HEIGHT } from '../stitch';
import { asOne, n1, noClash, type Part, type PartContext, type PartUse } from './part';

/** Cord one leg uses in an overhand knot of so many strands tied as one, from drawing the knot tight. */
export function knotCord({ strands, d }: Pick<PartContext, 'strands' | 'd'>): PartUse {
  const perDiameter = OVERHAND_EXCESS + OVERHAND_HEIGHT;
  return {
    mm: perDiameter * asOne(strands) * d,
    because: `the overhand knot: ${n1(perDiameter)} × ${strands > 1 ? `${asOne(strands).toFixed(2)} for ${strands} strands as one × ` : ''}${n1(d)}`,
  };
}

/** How thick a stopper knot is across, in diameters of what is knotted: its passes lie about three abreast. */
export const KNOT_ACROSS = 3;

export const overhand: Part = {
  slug: 'overhand',
  name: 'Overhand knot',
  stretch: 'end',
  use: knotCord,
  along: ({ strands, d }) => OVERHAND_HEIGHT * asOne(strands) * d,
  girth: ({ strands, d }) => Math.PI * KNOT_ACROSS * asOne(strands) * d,
  check: noClash,
  seconds: 20,
  held: true,
  tools: [],
  step: 'Tie all strands as one in an overhand knot, slide it into place, and draw each strand tight in turn.',
};
