import { cutsByItem, lanesProblem, seatInstead, type Instead } from '../../core/layout';
import { seatOf } from '../../core/seat';
import { cordOf } from '../../core/shelf';
import { solveLanes } from '../../core/lanes';
import { itemTotals } from '../../data/shelf/items';
import { lotsOf } from '../../data/shelf/lots';
import { inTransaction } from '../../data/database/transaction';
import { heldBy } from '../shelf/holds';
import { planOf, viewSession } from '../session/session';
import { hexOf, nameOf } from '../shelf/item-names';

/** Another cord or colour on the shelf that would do, and what it changes. */
export interface Replacement {
  readonly item: string;
  readonly name: string;
  readonly hex: string;
  readonly sameCord: boolean;
  readonly free_mm: number;
  /** Over all its seats, mm: more than 0 where it takes more. */
  readonly cut_mm: number;
  /** The most that any seat's band grows or shrinks, mm. */
  readonly width_mm: number;
  readonly knotted_mm: number;
  readonly seats: readonly { readonly id: string; readonly cords: Instead['cords'] }[];
}

/** As many as one chooses from. */
const MOST = 8;
const furthest = (values: readonly number[]): number =>
  values.reduce((most, value) => (Math.abs(value) > Math.abs(most) ? value : most), 0);

/**
 * What on the shelf could stand in for a cord and colour of a session: in every seat that uses it, and long enough in its pieces.
 * Other colours of the same cord come first, then what changes the band least.
 */
export function replacements(id: string, item: string): Promise<Replacement[]> {
  return inTransaction(async (t) => {
    const view = await viewSession(id, t);
    const { catalogue, settings } = view.studio;
    const { seats: staged } = planOf(view);
    const school = view.session.school ?? settings.school;
    const users = staged
      .map(({ plan }, i) => ({
        record: view.seats[i]!,
        seat: seatOf(view.seats[i]!, school, catalogue.projects),
        plan,
      }))
      .filter(({ plan }) => plan.cut?.cuts.some((cut) => `cord/${cut.cord}/${cut.colour}` === item));
    const candidates = (await itemTotals(t)).filter((total) => cordOf(total.item) && total.item !== item);
    const lots = await lotsOf(
      candidates.map((total) => total.item),
      t,
    );
    const mine = await heldBy(id, t);
    const own = cutsByItem(staged);
    return candidates
      .flatMap(({ item: other }): Replacement[] => {
        const found = users.map(({ seat, plan }) => seatInstead(seat, plan, item, other, catalogue, settings.figures));
        const changed = found.filter((one) => one !== null);
        if (found.length === 0 || changed.length < found.length) return [];
        const cuts = cutsByItem(changed.map(({ plan }, i) => ({ id: users[i]!.record.id, plan, accepted: false }))).get(
          other,
        )!;
        const pieces = lots
          .filter((lot) => lot.item === other)
          .map(({ id: lot, number, kind, place, fresh, hand, held }) => ({
            id: lot,
            number,
            kind,
            place,
            fresh,
            mm: hand - held + (mine.get(lot) ?? 0),
          }))
          .filter(({ mm }) => mm > 0);
        // Beside what the session cuts of it already.
        const all = [...cuts, ...(own.get(other) ?? [])].map((cut, n) => ({ ...cut, id: String(n) }));
        const laid = solveLanes(lanesProblem(all, pieces, settings.figures), { seconds: 0, now: () => 0 });
        if (laid.unplaced.length > 0) return [];
        return [
          {
            item: other,
            name: nameOf(other, catalogue) ?? other,
            hex: hexOf(other, catalogue)!,
            sameCord: cordOf(other)!.cord === cordOf(item)!.cord,
            free_mm: pieces.reduce((sum, piece) => sum + piece.mm, 0),
            cut_mm: changed.reduce((sum, one) => sum + one.cut_mm, 0),
            width_mm: furthest(changed.map((one) => one.width_mm)),
            knotted_mm: furthest(changed.map((one) => one.knotted_mm)),
            seats: changed.map(({ cords }, i) => ({ id: users[i]!.record.id, cords })),
          },
        ];
      })
      .sort(
        (a, b) =>
          Number(b.sameCord) - Number(a.sameCord) ||
          Math.abs(a.width_mm) - Math.abs(b.width_mm) ||
          b.free_mm - a.free_mm,
      )
      .slice(0, MOST);
  });
}
