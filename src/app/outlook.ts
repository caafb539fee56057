import type { Transaction } from 'sequelize';
import { sessionNeeds } from '../core/kit';
import { outlook, type Need, type Outlook } from '../core/shelf';
import { seatsOf, sessionsFrom } from '../data/sessions';
import { holdsOf, lotsOf } from '../data/shelf';
import { inTransaction } from '../data/transaction';
import { simulatedSupplier, type Offer } from '../standins/supplier';
import { today } from './clock';
import { stageSeats } from './session';
import { nameOf, shelfLines, type ShelfLine } from './shelf';
import { readStudio, withRevisions } from './studio';

/** How many sessions ahead are netted: more than anybody buys for. */
const AHEAD = 40;

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
}

export interface OutlookView {
  readonly items: readonly ItemOutlook[];
  readonly sessions: number;
}

/** What each session ahead that is not issued yet needs of each item. */
async function needsAhead(t: Transaction): Promise<{ needs: Map<string, Need[]>; sessions: number }> {
  const sessions = (await sessionsFrom(today(), AHEAD, t)).filter((session) => !session.kits?.issued);
  const seats = await seatsOf(
    sessions.map((session) => session.id),
    t,
  );
  const studio = await withRevisions(await readStudio(t), [...seats.values()].flat(), t);
  const held = new Map(
    (await holdsOf(null, t)).map((h): [string, number] => [`${h.session_id}|${h.lot}|${h.item}`, h.held]),
  );
  const reserved = (session: string, item: string): number => {
    let sum = 0;
    for (const [key, amount] of held) if (key.startsWith(`${session}|`) && key.endsWith(`|${item}`)) sum += amount;
    return sum;
  };
  const needs = new Map<string, Need[]>();
  for (const session of sessions) {
    const plans = stageSeats(seats.get(session.id)!, session, studio).map(({ plan }) => plan);
    for (const { item, amount, lengths } of sessionNeeds(plans, studio.settings.figures)) {
      const need = { session: session.id, title: session.title, on: session.held_on, amount, lengths };
      needs.set(item, [...(needs.get(item) ?? []), { ...need, reserved: reserved(session.id, item) }]);
    }
  }
  return { needs, sessions: sessions.length };
}

/** Every item that a session ahead needs or the shelf should hold, netted in the order of the days; what is short first. */
export function openOutlook(): Promise<OutlookView> {
  return inTransaction(async (t) => {
    const { needs, sessions } = await needsAhead(t);
    const { lines, orders } = await shelfLines(t);
    const { catalogue } = await readStudio(t);
    const byItem = new Map<string, ShelfLine>(lines.map((line) => [line.doc.id, line]));
    const ids = [...new Set([...needs.keys(), ...lines.filter(({ doc }) => doc.least > 0).map(({ doc }) => doc.id)])];
    const lots = await lotsOf(ids, t);
    const items = ids.map((item): ItemOutlook => {
      const line = byItem.get(item);
      const offer = simulatedSupplier.offer(item);
      const own = line?.doc;
      const pack = own?.pack ?? offer?.pack ?? null;
      const mine = lots.filter((lot) => lot.item === item);
      const { hand = 0, held = 0, ordered = 0 } = line ?? {};
      const found = outlook(
        {
          free: hand - held,
          lengths: item.startsWith('cord/') ? mine.map((lot) => lot.hand - lot.held).filter((mm) => mm > 0) : [],
        },
        needs.get(item) ?? [],
        orders
          .filter((order) => order.item === item)
          .map(({ due_on, packs, received, pack: size }) => ({
            due: due_on,
            amount: (packs - received) * size,
            pack: size,
          })),
        { pack, price: own?.price ?? offer?.price ?? null, lead_days: own?.lead_days ?? offer?.lead_days ?? null },
      );
      const [, slug, colour] = item.split('/');
      const hex = catalogue.cords[slug!]?.colours.find((c) => c.slug === colour)?.hex ?? null;
      return {
        ...found,
        item,
        name: own?.name ?? nameOf(item, catalogue) ?? item,
        hex,
        hand,
        held,
        ordered,
        pack,
        offer,
      };
    });
    return {
      sessions,
      items: items.sort(
        (a, b) =>
          (a.short_on ?? '9999').localeCompare(b.short_on ?? '9999') ||
          (a.order_by ?? '9999').localeCompare(b.order_by ?? '9999') ||
          a.name.localeCompare(b.name),
      ),
    };
  });
}
