import type { Transaction } from 'sequelize';
import { solveLanes } from '../../core/lanes';
import { cutsByItem, lanesProblem, seatInstead, type Instead } from '../../core/layout';
import { lookUp } from '../../core/project';
import { seatOf, type PlannedSeat } from '../../core/seat';
import type { SessionRecord, Studio } from '../../core/session';
import { cordItem, cordOf } from '../../core/shelf';
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

/** A session with its seats planned, and the studio it is planned in. */
export interface PlannedIn {
  readonly session: Pick<SessionRecord, 'id' | 'school'>;
  readonly seats: readonly PlannedSeat[];
  readonly studio: Pick<Studio, 'catalogue' | 'settings'>;
}

/**
 * What on the shelf, or one item of it, could stand in for a cord and colour of a session, one by one as each is asked for: in
 * every seat that uses it, and long enough in its pieces. Other colours of the same cord come first, then cords of about its thickness.
 */
async function* replacementsIn(
  { session, seats, studio: { catalogue, settings } }: PlannedIn,
  item: string,
  t: Transaction,
  only: string | null = null,
): AsyncGenerator<Replacement> {
  const school = session.school ?? settings.school;
  const users = seats
    .filter(({ plan }) => plan.cut?.cuts.some((cut) => cordItem(cut.cord, cut.colour) === item))
    .map(({ record, plan }) => ({ record, plan, seat: seatOf(record, school, catalogue.projects) }));
  if (users.length === 0) return;
  const { cord } = cordOf(item)!;
  const thickness = (slug: string): number => lookUp(catalogue.cords, slug)?.diameter_mm ?? 0;
  const further = (one: string): number => Math.abs(thickness(cordOf(one)!.cord) - thickness(cord));
  const candidates = (await itemTotals(t))
    .map((total) => total.item)
    .filter((other) => cordOf(other) && other !== item && (only ?? other) === other)
    .sort((a, b) => Number(cordOf(b)!.cord === cord) - Number(cordOf(a)!.cord === cord) || further(a) - further(b));
  const lots = await lotsOf(candidates, t);
  const mine = await heldBy(session.id, t);
  const own = cutsByItem(seats);

  for (const other of candidates) {
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
    const free_mm = pieces.reduce((sum, { mm }) => sum + mm, 0);
    // Beside what the session cuts of it already.
    const cuts = [...(own.get(other) ?? [])];
    let left = free_mm - cuts.reduce((sum, { mm }) => sum + mm, 0);
    const changed: (Instead & { readonly id: string })[] = [];
    // The first seat that cannot have it, or for which nothing is left of it, decides.
    for (const { record, seat, plan } of users) {
      const found = left > 0 ? seatInstead(seat, plan, item, other, catalogue, settings.figures) : null;
      if (!found) break;
      const more = cutsByItem([{ id: record.id, plan: found.plan }]).get(other)!;
      left -= more.reduce((sum, { mm }) => sum + mm, 0);
      cuts.push(...more);
      changed.push({ ...found, id: record.id });
    }
    if (changed.length < users.length || left < 0) continue;
    const named = cuts.map((cut, n) => ({ ...cut, id: String(n) }));
    const laid = solveLanes(lanesProblem(named, pieces, settings.figures), { seconds: 0, now: () => 0 });
    if (laid.unplaced.length > 0) continue;
    yield {
      item: other,
      name: nameOf(other, catalogue) ?? other,
      hex: hexOf(other, catalogue)!,
      sameCord: cordOf(other)!.cord === cord,
      free_mm,
      cut_mm: changed.reduce((sum, one) => sum + one.cut_mm, 0),
      width_mm: furthest(changed.map((one) => one.width_mm)),
      knotted_mm: furthest(changed.map((one) => one.knotted_mm)),
      seats: changed.map(({ id, cords }) => ({ id, cords })),
    };
  }
}

/** What on the shelf could stand in for a cord and colour of a session; what changes the band least comes first. */
export function replacements(id: string, item: string): Promise<Replacement[]> {
  return inTransaction(async (t) => {
    const view = await viewSession(id, t);
    const found: Replacement[] = [];
    for await (const one of replacementsIn({ ...view, seats: planOf(view).seats }, item, t)) found.push(one);
    return found
      .sort(
        (a, b) =>
          Number(b.sameCord) - Number(a.sameCord) ||
          Math.abs(a.width_mm) - Math.abs(b.width_mm) ||
          b.free_mm - a.free_mm,
      )
      .slice(0, MOST);
  });
}

/** The first cord on the shelf that could stand in for one in each of some sessions; undefined where none could in all of them. */
export async function replacementInAll(
  sessions: readonly PlannedIn[],
  item: string,
  t: Transaction,
): Promise<string | undefined> {
  const [first, ...others] = sessions;
  if (!first) return undefined;
  for await (const { item: one } of replacementsIn(first, item, t)) {
    let inAll = true;
    for (const other of others) inAll &&= !(await replacementsIn(other, item, t, one).next()).done;
    if (inAll) return one;
  }
  return undefined;
}
