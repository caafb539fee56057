import load from 'highs';
import { replaceCord, type Instead } from '../core/session';
import { assignColours, cordItem, cordOf, type ColourWish } from '../core/shelf';
import { lotsOf } from '../data/shelf';
import { inTransaction } from '../data/transaction';
import { modelsOf } from '../solver/highs';
import { freeOf, heldBy } from './holds';
import { viewSession } from './session';
import { staged } from './session-needs';

/** What one seat would get. */
export interface ColourGift {
  readonly seat: string;
  readonly label: string;
  readonly from: string;
  readonly to: string;
  /** Which of their wishes it is, 0 the first; null where it is none. */
  readonly rank: number | null;
  readonly wishes: readonly string[];
  readonly cords: Instead['cords'];
}

export interface ColourPlan {
  readonly gifts: readonly ColourGift[];
  /** Seats with wishes that no cord is left for, or whose piece has more than one colour. */
  readonly without: readonly string[];
}

/** The solver, loaded at its first use. */
let solver: ReturnType<typeof load> | undefined;

/**
 * Gives the seats with wishes their colours, cord by cord, with the least regret in all under the pieces that are free on the
 * shelf. Seats that wish for nothing keep theirs, and what it is cut from.
 */
export async function planColours(id: string): Promise<ColourPlan> {
  solver ??= load();
  const makeModel = modelsOf(await solver);
  return inTransaction(async (t) => {
    const view = await viewSession(id, t);
    const { catalogue, settings } = view.studio;
    const seats = staged(view);
    const loss = settings.figures.cut_loss;
    const wishing = new Map<string, (ColourWish & { readonly index: number; readonly from: string })[]>();
    const keeping: { readonly seat: string; readonly item: string; readonly lengths: readonly number[] }[] = [];
    const without: string[] = [];
    seats.forEach(({ id: seat, plan }, index) => {
      const { wishes } = view.seats[index]!;
      const lengths = new Map<string, number[]>();
      for (const { cord, colour, pieces, length_mm } of plan.cut?.cuts ?? []) {
        const item = cordItem(cord, colour);
        lengths.set(item, [...(lengths.get(item) ?? []), ...Array<number>(pieces).fill(length_mm + loss)]);
      }
      if (wishes.length > 0 && lengths.size === 1) {
        const [[from, own]] = [...lengths] as [[string, number[]]];
        const { cord } = cordOf(from)!;
        wishing.set(cord, [...(wishing.get(cord) ?? []), { seat, lengths: own, wishes, index, from }]);
        return;
      }
      if (wishes.length > 0) without.push(plan.label);
      for (const [item, own] of lengths) keeping.push({ seat, item, lengths: own });
    });
    const mine = await heldBy(id, t);
    const gifts: ColourGift[] = [];
    for (const [cord, wishes] of wishing) {
      const colours = catalogue.cords[cord]!.colours.map((colour) => colour.slug);
      const lots = await lotsOf(
        colours.map((colour) => cordItem(cord, colour)),
        t,
      );
      const pieces = Object.fromEntries(
        colours.map((colour) => [
          colour,
          lots.filter((lot) => lot.item === cordItem(cord, colour)).map((lot) => freeOf(lot, mine)),
        ]),
      );
      const kept = keeping
        .filter(({ item }) => cordOf(item)!.cord === cord)
        .map(({ seat, item, lengths }) => ({ seat, lengths: { [cordOf(item)!.colour]: lengths } }));
      const given = new Map(assignColours(wishes, kept, pieces, makeModel).map((one) => [one.seat, one]));
      for (const { seat, index, from, wishes: list } of wishes) {
        const { label } = seats[index]!.plan;
        const gift = given.get(seat);
        const to = gift && cordItem(cord, gift.colour);
        const cords = to === from ? {} : to && replaceCord(seats[index]!.plan, from, to, catalogue);
        if (!gift || !to || !cords) without.push(label);
        else gifts.push({ seat, label, from, to, rank: gift.rank, wishes: list, cords });
      }
    }
    return { gifts, without };
  });
}
