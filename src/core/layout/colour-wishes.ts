import { wholeMm } from '../measure';
import { cordItem, cordOf } from '../shelf';
import type { ColourWish, Given, Kept } from './assign-colours';
import type { Catalogue } from '../project';
import { replaceCord, type Instead } from './instead';
import type { SeatWithPlan } from '../seat';

/** A seat that wishes for colours, and the item its piece is of as it is. */
interface Wishing extends ColourWish {
  readonly from: string;
}

/** Whose colours of one cord are to be given, and who keeps theirs. */
export interface ColourProblem {
  readonly cord: string;
  readonly wishing: readonly Wishing[];
  readonly keeping: readonly Kept[];
}

/** What one seat would get. */
export interface ColourGift {
  readonly seat: string;
  readonly from: string;
  readonly to: string;
  /** Which of their wishes it is, 0 the first; null where it is none. */
  readonly rank: number | null;
  readonly cords: Instead['cords'];
}

/** The lengths a seat is cut from, by item, each with the loss of its cut. */
function lengthsOf({ plan }: SeatWithPlan, loss: number): Map<string, number[]> {
  const lengths = new Map<string, number[]>();
  for (const { cord, colour, pieces, length_mm } of plan.cut?.cuts ?? []) {
    const item = cordItem(cord, colour);
    lengths.set(item, [...(lengths.get(item) ?? []), ...Array<number>(pieces).fill(wholeMm(length_mm) + loss)]);
  }
  return lengths;
}

/**
 * A session's wishes as problems, one for each cord that somebody wishes for colours of. `several` are the seats whose piece has
 * more than one colour: of those nobody can say which one the wish is for.
 *
 * @example
 * colourProblems([{ id: 's', plan }], () => ['night'], 4).problems[0].cord // 'sheathed-4'
 */
export function colourProblems(
  seats: readonly SeatWithPlan[],
  wishesOf: (seat: string) => readonly string[],
  loss: number,
): { readonly problems: readonly ColourProblem[]; readonly several: readonly string[] } {
  const cut = seats.map((seat) => ({ seat: seat.id, wishes: wishesOf(seat.id), lengths: lengthsOf(seat, loss) }));
  const isAsked = ({ wishes, lengths }: (typeof cut)[number]): boolean => wishes.length > 0 && lengths.size === 1;
  const wishing = cut
    .filter(isAsked)
    .flatMap(({ seat, wishes, lengths }) => [...lengths].map(([from, own]) => ({ seat, wishes, lengths: own, from })));
  const cords = [...new Set(wishing.map(({ from }) => cordOf(from)!.cord))];
  const problems = cords.map((cord): ColourProblem => ({
    cord,
    wishing: wishing.filter(({ from }) => cordOf(from)!.cord === cord),
    keeping: cut
      .filter((one) => !isAsked(one))
      .flatMap(({ seat, lengths }) =>
        [...lengths].flatMap(([item, own]) => {
          const { cord: other, colour } = cordOf(item)!;
          return other === cord ? [{ seat, lengths: { [colour]: own } }] : [];
        }),
      ),
  }));
  const several = cut.filter(({ wishes, lengths }) => wishes.length > 0 && lengths.size > 1).map(({ seat }) => seat);
  return { problems, several };
}

/**
 * What was given, as the cords the seats would have. A colour that the piece cannot be made in is not given.
 *
 * @example
 * colourGifts({ cord: 'sheathed-4', wishing: [{ seat: 's', from: 'cord/sheathed-4/race', wishes: ['night'], lengths: [900] }], keeping: [] }, [{ seat: 's', colour: 'night', rank: 0 }], [{ id: 's', plan }], catalogue)[0].to // 'cord/sheathed-4/night'
 */
export function colourGifts(
  { cord, wishing }: ColourProblem,
  given: readonly Given[],
  seats: readonly SeatWithPlan[],
  catalogue: Catalogue,
): ColourGift[] {
  return given.flatMap(({ seat, colour, rank }): ColourGift[] => {
    const { from } = wishing.find((one) => one.seat === seat)!;
    const to = cordItem(cord, colour);
    const cords = to === from ? {} : replaceCord(seats.find(({ id }) => id === seat)!.plan, from, to, catalogue);
    return cords ? [{ seat, from, to, rank, cords }] : [];
  });
}
