import type { Cut } from '../cut';
import type { Colour, Cord } from '../cord';
import { wordOrder } from '../region';
import type { SeatPlan } from './plan-seat';

/** One seat's length in the cut list, under the label its bag will carry. */
export interface CutLine {
  readonly seat: number;
  readonly plan: SeatPlan;
  readonly cut: Cut;
}

/** All lengths of one cord and colour, longest first, as they are cut from a spool. */
export interface CutGroup {
  readonly cord: Cord;
  readonly colour: Colour;
  readonly lines: readonly CutLine[];
  readonly total_mm: number;
}

/**
 * A session's cuts by cord and colour, long ones first, so that a spool's end is used up by the short ones.
 *
 * @example
 * cutList([plan, plan])[0].lines.map(({ seat }) => seat) // [1, 2]
 */
export function cutList(plans: readonly SeatPlan[]): CutGroup[] {
  const groups = new Map<string, CutLine[]>();
  plans.forEach((plan, i) => {
    for (const cut of plan.cut?.cuts ?? []) {
      const key = `${cut.cord}|${cut.colour}`;
      groups.set(key, [...(groups.get(key) ?? []), { seat: i + 1, plan, cut }]);
    }
  });
  return [...groups.values()]
    .map((lines): CutGroup => {
      const { cut, plan } = lines[0]!;
      const cord = plan.piece!.cords.find((c) => c.cord.slug === cut.cord)!.cord;
      return {
        cord,
        colour: cord.colours.find((c) => c.slug === cut.colour) ?? {
          slug: cut.colour,
          name: cut.colour,
          hex: '#888888',
        },
        lines: [...lines].sort((a, b) => b.cut.length_mm - a.cut.length_mm || a.seat - b.seat),
        total_mm: lines.reduce((sum, line) => sum + line.cut.length_mm * line.cut.pieces, 0),
      };
    })
    .sort((a, b) => wordOrder(a.cord.name, b.cord.name) || wordOrder(a.colour.name, b.colour.name));
}
