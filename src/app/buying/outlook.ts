import type { Transaction } from 'sequelize';
import { consumablesOf, sessionNeeds, sharedTools } from '../../core/kit';
import { wordOrder } from '../../core/region';
import type { SeatWithPlan } from '../../core/seat';
import { planSession, type Kits, type SessionPlan, type SessionRecord, type Studio } from '../../core/session';
import {
  kindOf,
  levelsOf,
  outlook,
  waysToBuy,
  type Item,
  type Level,
  type Need,
  type Outlook,
  type Way,
} from '../../core/shelf';
import type { Figures } from '../../core/studio';
import { sessionsFrom, type StoredSession } from '../../data/sessions';
import { seatsOf } from '../../data/seats';
import { holdsOf } from '../../data/shelf/ledger';
import { openOrders } from '../../data/shelf/orders';
import { readItems, standingOf } from '../../data/shelf/items';
import { inTransaction } from '../../data/database/transaction';
import type { Offer } from '../../core/device';
import { supplier } from '../devices';
import { today } from '../studio/clock';
import { hexOf, nameOf } from '../shelf/item-names';
import { readStudio, withRevisions } from '../studio/studio';

/** So many sessions ahead are netted, a term of a house that is open daily: each is planned anew for it. What comes later is not silent. */
const AHEAD = 100;

/** One item's outlook beside how it stands. */
export interface ItemOutlook extends Outlook {
  readonly item: string;
  readonly name: string;
  readonly hex: string | null;
  readonly hand: number;
  readonly held: number;
  readonly ordered: number;
  readonly pack: number | null;
  readonly offer: Offer | null;
  /** Every way to buy all that is missing. */
  readonly ways: readonly Way[];
  /** How much there is after each session and delivery ahead; empty of tools, which come back. */
  readonly levels: readonly Level[];
}

export interface OutlookView {
  readonly items: readonly ItemOutlook[];
  readonly sessions: number;
  /** Whether there are later ones too, which are not netted yet. */
  readonly hasLater: boolean;
}

/** A session ahead with its planned seats. */
export interface PlannedSession {
  readonly session: Pick<SessionRecord, 'id' | 'title' | 'held_on'> & { readonly kits: Kits | null };
  readonly seats: readonly SeatWithPlan[];
  readonly figures: Figures;
}

/** As many packs as are ever bought at once. */
const MOST_PACKS = 1000;

/** How the studio says it buys what no supplier here carries. */
const elsewhere = (own: Item | undefined): Offer[] =>
  own?.pack && own.price !== null
    ? [{ supplier: '', pack: own.pack, price: own.price, lead_days: own.lead_days ?? 0, packs: MOST_PACKS }]
    : [];

/**
 * Nets what some sessions need against the shelf and what is on order, item by item, in the order of their days; what is short
 * first. A session whose kits are issued needs nothing more. Of tools and consumables, those the shelf knows are reckoned with.
 */
export async function netSessions(
  sessions: readonly PlannedSession[],
  { catalogue }: Pick<Studio, 'catalogue'>,
  t: Transaction,
): Promise<ItemOutlook[]> {
  const known = new Map((await readItems(t)).map(({ doc }) => [doc.id, doc]));
  const consumables = consumablesOf([...known.values()]);
  const reserved = new Map<string, number>();
  for (const { session_id, item, held } of await holdsOf(null, t)) {
    const key = `${session_id} ${item}`;
    reserved.set(key, (reserved.get(key) ?? 0) + held);
  }

  const needs = new Map<string, Need[]>();
  for (const { session, seats, figures } of sessions) {
    if (session.kits?.issued) continue;
    const plans = seats.map(({ plan }) => plan);
    const tools = sharedTools(plans, figures)
      .filter(({ item }) => known.has(item))
      .map(({ item, count }) => ({ item, amount: count, lengths: [] }));
    for (const need of [...sessionNeeds(plans, figures, consumables), ...tools]) {
      const { id, title, held_on } = session;
      const own = { ...need, session: id, title, on: held_on, reserved: reserved.get(`${id} ${need.item}`) ?? 0 };
      needs.set(need.item, [...(needs.get(need.item) ?? []), own]);
    }
  }

  const ids = [...needs.keys()];
  const standing = new Map((await standingOf(ids, t)).map((one) => [one.item, one]));
  const orders = await openOrders(t);
  const items = ids.map((item): ItemOutlook => {
    const own = known.get(item);
    const offers = supplier.offers(item);
    const offer = offers.find((one) => one.pack === own?.pack) ?? offers[0] ?? null;
    const pack = own?.pack ?? offer?.pack ?? null;
    const { hand = 0, held = 0, free = [] } = standing.get(item) ?? {};
    const coming = orders
      .filter((order) => order.item === item)
      .map(({ due_on, packs, received, pack: size }) => ({
        due: due_on,
        amount: (packs - received) * size,
        pack: size,
      }));
    const found = outlook(
      {
        free: hand - held,
        lengths: kindOf(item) === 'cord' ? free.filter((mm) => mm > 0) : [],
        comesBack: kindOf(item) === 'tool',
      },
      needs.get(item) ?? [],
      coming,
      { pack, price: own?.price ?? offer?.price ?? null, lead_days: own?.lead_days ?? offer?.lead_days ?? null },
    );
    const name = own?.name ?? nameOf(item, catalogue) ?? item;
    const ordered = coming.reduce((sum, one) => sum + one.amount, 0);
    const levels = kindOf(item) === 'tool' ? [] : levelsOf(hand, found.lines, coming);
    const ways = waysToBuy(found, offers.length > 0 ? offers : elsewhere(own), today());
    return { ...found, item, name, hex: hexOf(item, catalogue), hand, held, ordered, pack, offer, ways, levels };
  });
  return items.sort(
    (a, b) =>
      wordOrder(a.short_on ?? '9999', b.short_on ?? '9999') ||
      wordOrder(a.order_by ?? '9999', b.order_by ?? '9999') ||
      wordOrder(a.name, b.name),
  );
}

/** The sessions ahead whose kits are not issued yet, planned. */
export async function plannedAhead(
  t: Transaction,
): Promise<{ planned: (SessionPlan & { session: StoredSession })[]; studio: Studio; hasLater: boolean }> {
  const found = await sessionsFrom(today(), AHEAD + 1, t);
  const sessions = found.slice(0, AHEAD).filter((session) => !session.kits?.issued);
  const seats = await seatsOf(
    sessions.map((session) => session.id),
    t,
  );
  const studio = await withRevisions(await readStudio(t), [...seats.values()].flat(), t);
  const planned = sessions.map((session) => ({
    session,
    ...planSession({ session, seats: seats.get(session.id)!, studio }),
  }));
  return { planned, studio, hasLater: found.length > AHEAD };
}

/** The outlook over the sessions ahead. */
export function openOutlook(): Promise<OutlookView> {
  return inTransaction(async (t) => {
    const { planned, studio, hasLater } = await plannedAhead(t);
    return { sessions: planned.length, hasLater, items: await netSessions(planned, studio, t) };
  });
}
