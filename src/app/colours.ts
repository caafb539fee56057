import load from 'highs';
import { replaceCord, type Instead } from '../core/session';
import { assignColours, cordItem, cordOf, type ColourWish } from '../core/shelf';
import { lotsOf } from '../data/shelf';
import { inTransaction } from '../data/transaction';
import { modelsOf } from '../solver/highs';
import { heldBy } from './holds';
import { stageSeats, viewSession } from './session';

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
 * Gives the seats with wishes their colours, cord by cord, with the least regret in all under what is free on the shelf. Seats
 * that wish for nothing keep theirs, and its cord. By length alone: the lanes tell whether the pieces are long enough.
 */
export async function planColours(id: string): Promise<ColourPlan> {
  solver ??= load();
  const makeModel = modelsOf(await solver);
  return inTransaction(async (t) => {
    const view = await viewSession(id, t);
    const { catalogue, settings } = view.studio;
    const staged = stageSeats(view.seats, view.session, view.studio);
    const loss = settings.figures.cut_loss;
    const wishing = new Map<string, (ColourWish & { readonly index: number; readonly from: string })[]>();
    const kept = new Map<string, number>();
    const without: string[] = [];
    staged.forEach(({ id: seat, plan }, index) => {
      const { wishes } = view.seats[index]!;
      const cuts = plan.cut?.cuts ?? [];
      const items = new Set(cuts.map((cut) => cordItem(cut.cord, cut.colour)));
      const needOf = (item: string): number =>
        cuts
          .filter((cut) => cordItem(cut.cord, cut.colour) === item)
          .reduce((sum, cut) => sum + cut.pieces * (cut.length_mm + loss), 0);
      if (wishes.length > 0 && items.size === 1) {
        const [from] = items as Set<string>;
        const { cord } = cordOf(from!)!;
        wishing.set(cord, [...(wishing.get(cord) ?? []), { seat, need: needOf(from!), wishes, index, from: from! }]);
        return;
      }
      if (wishes.length > 0) without.push(plan.label);
      for (const item of items) kept.set(item, (kept.get(item) ?? 0) + needOf(item));
    });
    const mine = await heldBy(id, t);
    const gifts: ColourGift[] = [];
    for (const [cord, seats] of wishing) {
      const colours = catalogue.cords[cord]!.colours.map((colour) => colour.slug);
      const items = colours.map((colour) => cordItem(cord, colour));
      const lots = await lotsOf(items, t);
      const available = Object.fromEntries(
        colours.map((colour) => {
          const item = cordItem(cord, colour);
          const free = lots
            .filter((lot) => lot.item === item)
            .reduce((sum, lot) => sum + lot.hand - lot.held + (mine.get(lot.id) ?? 0), 0);
          return [colour, Math.max(0, free - (kept.get(item) ?? 0))];
        }),
      );
      const given = new Map(assignColours(seats, available, makeModel).map((one) => [one.seat, one]));
      for (const { seat, index, from, wishes } of seats) {
        const { label } = staged[index]!.plan;
        const gift = given.get(seat);
        const to = gift && cordItem(cord, gift.colour);
        const cords = to === from ? {} : to && replaceCord(staged[index]!.plan, from, to, catalogue);
        if (!gift || !to || !cords) without.push(label);
        else gifts.push({ seat, label, from, to, rank: gift.rank, wishes, cords });
      }
    }
    return { gifts, without };
  });
}
