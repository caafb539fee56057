import type { Transaction } from 'sequelize';
import { sessionNeeds } from '../core/kit';
import { Problem } from '../core/problem';
import {
  cutsByItem,
  kitKeys,
  layoutFault,
  takenBy,
  TO_BUY,
  type CuttableLot,
  type Kits,
  type Layout,
  type StageSeat,
} from '../core/session';
import { cordOf } from '../core/shelf';
import {
  bookedKeys,
  holdsOf,
  insertMovements,
  ledger,
  insertLots,
  lockLots,
  lotsOf,
  readItems,
  type Lot,
  type NewMovement,
} from '../data/shelf';
import { inTransaction } from '../data/transaction';
import { simulatedSupplier } from '../standins/supplier';
import { today } from './clock';
import { changeSession, lockStanding, stageSeats, viewSession, type SessionView } from './session';
import { keyFor, knowItems, notEnough } from './shelf';

/** What the shelf has for a session: the lots of each item it needs, with what is free for it. */
export interface SessionStock {
  readonly lots: Readonly<Record<string, readonly CuttableLot[]>>;
  /** The pack each is bought in, where the studio or the supplier says, and what one costs. */
  readonly packs: Readonly<Record<string, number>>;
  readonly prices: Readonly<Record<string, number>>;
}

/** What of a lot a session may take: all that is free, and what it holds of it already. */
const freeOf = (lot: Lot, mine: ReadonlyMap<string, number>): number => lot.hand - lot.held + (mine.get(lot.id) ?? 0);

async function heldBy(session: string, t: Transaction): Promise<Map<string, number>> {
  return new Map((await holdsOf(session, t)).map(({ lot, held }) => [lot, held]));
}

const staged = (view: SessionView): StageSeat[] => stageSeats(view.seats, view.session, view.studio);

export function sessionStock(id: string): Promise<SessionStock> {
  return inTransaction(async (t) => {
    const view = await viewSession(id, t);
    const needs = sessionNeeds(
      staged(view).map(({ plan }) => plan),
      view.studio.settings.figures,
    );
    const ids = needs.map((need) => need.item);
    const mine = await heldBy(id, t);
    const lots: Record<string, CuttableLot[]> = Object.fromEntries(ids.map((item) => [item, []]));
    for (const lot of await lotsOf(ids, t)) {
      const mm = freeOf(lot, mine);
      const { id, number, kind, place, fresh } = lot;
      if (mm > 0) lots[lot.item]!.push({ id, number, kind, place, mm, fresh });
    }
    const known = new Map((await readItems(t)).map(({ doc }) => [doc.id, doc]));
    const packs: Record<string, number> = {};
    const prices: Record<string, number> = {};
    for (const item of ids) {
      const own = known.get(item);
      const offer = simulatedSupplier.offer(item);
      const pack = own?.pack ?? offer?.pack;
      const price = own?.price ?? offer?.price;
      if (pack != null) packs[item] = pack;
      if (price != null) prices[item] = price;
    }
    return { lots, packs, prices };
  });
}

const entry = (
  session: string,
  key: string,
  part: string,
  kind: NewMovement['kind'],
  lot: string,
  hand: number,
  held: number,
): NewMovement => ({
  key: keyFor(key, part),
  kind,
  lot,
  hand,
  held,
  session_id: session,
  note: '',
  undoes: null,
});

/** What is taken of each lot: the layout's cords, and hardware from the fullest bag on. */
function takings(
  layout: Layout,
  counts: readonly { readonly item: string; readonly amount: number }[],
  lots: readonly Lot[],
  mine: ReadonlyMap<string, number>,
  loss: number,
): { taken: Map<string, number>; missing: { item: string; short: number }[] } {
  const taken = new Map<string, number>();
  for (const lane of layout.flatMap((group) => group.lanes)) {
    if (lane.stock !== TO_BUY) taken.set(lane.stock, (taken.get(lane.stock) ?? 0) + takenBy(lane, loss));
  }
  const missing: { item: string; short: number }[] = [];
  for (const { item, amount } of counts) {
    let left = amount;
    for (const lot of lots.filter((candidate) => candidate.item === item)) {
      const take = Math.min(left, freeOf(lot, mine));
      if (take > 0) taken.set(lot.id, take);
      left -= take;
    }
    if (left > 0) missing.push({ item, short: left });
  }
  return { taken, missing };
}

/** Everything of the shelf that a session touches, locked: so that what is found free stays free until it is booked. */
async function lockFor(id: string, view: SessionView, layout: Layout, t: Transaction) {
  const { figures } = view.studio.settings;
  const seats = staged(view);
  const needs = sessionNeeds(
    seats.map(({ plan }) => plan),
    figures,
  );
  const counts = needs.filter((need) => !cordOf(need.item));
  const own = await heldBy(id, t);
  const wanted = [
    ...layout.flatMap((group) => group.lanes.map((lane) => lane.stock)).filter((stock) => stock !== TO_BUY),
    ...(
      await lotsOf(
        counts.map(({ item }) => item),
        t,
      )
    ).map((lot) => lot.id),
    ...own.keys(),
  ];
  const lots = (await lockLots([...new Set(wanted)], t)).sort((a, b) => b.hand - a.hand || a.number - b.number);
  // Read again under the locks: only now nobody else can change them.
  const mine = await heldBy(id, t);
  return { seats, figures, counts, lots, mine };
}

function checkTaken(taken: ReadonlyMap<string, number>, lots: readonly Lot[], mine: ReadonlyMap<string, number>): void {
  for (const [id, amount] of taken) {
    const lot = lots.find((candidate) => candidate.id === id);
    if (!lot) throw new Problem(409, 'gone', 'A lot of the plan is not on the shelf any more. Lay the cuts out again.');
    if (amount > freeOf(lot, mine)) throw notEnough(lot, amount, `${freeOf(lot, mine)} are free`);
  }
}

/**
 * Keeps a session's layout and reserves what it takes, in place of what was reserved before. What has to be bought is kept in the
 * layout and reserved when it is there.
 */
export function reserveSession(id: string, version: number, key: string, layout: Layout): Promise<SessionView> {
  return inTransaction(async (t) => {
    await lockStanding(id, t);
    const view = await viewSession(id, t);
    if (view.session.kits?.issued)
      throw new Problem(409, 'issued', 'The kits are issued: what was taken stands in the ledger.');
    const fault = layoutFault(layout, cutsByItem(staged(view)));
    if (fault)
      throw new Problem(409, 'stale', `The plan is not of the cuts as they are now: ${fault}. Lay them out again.`);
    await knowItems(
      layout.map((group) => ({ id: group.item })),
      t,
    );
    const { figures, counts, lots, mine } = await lockFor(id, view, layout, t);
    const { taken } = takings(layout, counts, lots, mine, figures.cut_loss);
    checkTaken(taken, lots, mine);
    const changes = [...new Set([...mine.keys(), ...taken.keys()])]
      .map((lot) => ({ lot, more: (taken.get(lot) ?? 0) - (mine.get(lot) ?? 0) }))
      .filter(({ more }) => more !== 0);
    await insertMovements(
      changes.map(({ lot, more }) => entry(id, key, `hold ${lot}`, more > 0 ? 'reserve' : 'release', lot, 0, more)),
      t,
    );
    await changeSession(id, version, { lanes: layout }, t);
    return viewSession(id, t);
  });
}

/** Gives everything a session holds back to the shelf. */
export function releaseSession(id: string, version: number, key: string): Promise<SessionView> {
  return inTransaction(async (t) => {
    await lockStanding(id, t);
    await lockLots([...(await heldBy(id, t)).keys()], t);
    const mine = await heldBy(id, t);
    await insertMovements(
      [...mine].map(([lot, held]) => entry(id, key, `release ${lot}`, 'release', lot, 0, -held)),
      t,
    );
    await changeSession(id, version, { lanes: null }, t);
    return viewSession(id, t);
  });
}

/**
 * Issues a whole session to its kits, in one transaction: every cord as it is laid out, the hardware with its spares; a remnant
 * too short to keep goes to waste. Either all of it is booked or nothing.
 */
export function issueKits(id: string, version: number, key: string): Promise<SessionView> {
  return inTransaction(async (t) => {
    await lockStanding(id, t);
    const view = await viewSession(id, t);
    if ((await bookedKeys([keyFor(key, 'first')], t)).size > 0 || view.session.kits?.issued) return view;
    const layout = view.session.lanes;
    if (!layout) throw new Problem(409, 'not-laid-out', 'Lay the cuts out and reserve them first.');
    const fault = layoutFault(layout, cutsByItem(staged(view)));
    if (fault)
      throw new Problem(409, 'stale', `The cuts changed since they were laid out: ${fault}. Lay them out again.`);
    if (layout.some((group) => group.lanes.some((lane) => lane.stock === TO_BUY)))
      throw new Problem(
        409,
        'to-buy',
        'Some of the cord has still to be bought. Receive it, then lay the cuts out again.',
      );
    const { seats, figures, counts, lots, mine } = await lockFor(id, view, layout, t);
    const { taken, missing } = takings(layout, counts, lots, mine, figures.cut_loss);
    if (missing.length > 0) {
      const { hardware } = view.studio.catalogue;
      const words = missing.map(({ item, short }) => `${short} × ${hardware[item.split('/')[1]!]?.name ?? item}`);
      throw new Problem(
        409,
        'short',
        `Not on the shelf: ${words.join(', ')}. Receive them first, or change the seats.`,
      );
    }
    checkTaken(taken, lots, mine);
    const movements = [...taken].map(([lot, amount], i) =>
      entry(id, key, i === 0 ? 'first' : `issue ${lot}`, 'issue', lot, -amount, -Math.min(amount, mine.get(lot) ?? 0)),
    );
    // What was held and is not taken after all goes back.
    for (const [lot, held] of mine)
      if (held > (taken.get(lot) ?? 0))
        movements.push(entry(id, key, `spare ${lot}`, 'release', lot, 0, (taken.get(lot) ?? 0) - held));
    for (const lot of lots) {
      const rest = lot.hand - (taken.get(lot.id) ?? 0);
      const others = lot.held - (mine.get(lot.id) ?? 0);
      if (cordOf(lot.item) && taken.has(lot.id) && rest > 0 && rest < figures.keep && others === 0)
        movements.push({ ...entry(id, key, `scrap ${lot.id}`, 'waste', lot.id, -rest, 0), note: 'too short to keep' });
    }
    await insertMovements(movements, t);
    const items: Record<string, number> = {};
    for (const [lot, amount] of taken) {
      const { item } = lots.find((candidate) => candidate.id === lot)!;
      items[item] = (items[item] ?? 0) + amount;
    }
    const kits: Kits = {
      ticks: view.session.kits?.ticks ?? [],
      issued: { on: today(), cuts: kitKeys(seats), items },
    };
    await changeSession(id, version, { kits }, t);
    return viewSession(id, t);
  });
}

/** Takes a session's issue back: a counter-entry for each of its movements, and what was reserved is reserved again. */
export function takeBackKits(id: string, version: number, key: string): Promise<SessionView> {
  return inTransaction(async (t) => {
    await lockStanding(id, t);
    const view = await viewSession(id, t);
    const issued = view.session.kits?.issued;
    if (!issued) return view;
    const lines = await ledger({ session: id }, 5000, t);
    if (lines.some((line) => line.kind === 'return' && !line.undone))
      throw new Problem(409, 'returned', 'Leftovers of these kits were returned already; undo those returns first.');
    // All that one issue booked was booked in one transaction, at one moment; a release of an earlier reserving was not.
    const at = lines.find((line) => line.kind === 'issue' && !line.undone)?.made_at;
    const since = lines.filter((line) => at !== undefined && Number(new Date(line.made_at)) === Number(new Date(at)));
    await lockLots(
      since.map((line) => line.lot),
      t,
    );
    await insertMovements(
      since.map((line) => ({
        ...entry(id, key, `back ${line.id}`, 'undo', line.lot, -line.hand, -line.held),
        undoes: line.id,
      })),
      t,
    );
    await changeSession(id, version, { kits: { ticks: view.session.kits!.ticks, issued: null } }, t);
    return viewSession(id, t);
  });
}

/** Notes which lines of the packing list are done. */
export function tickKits(id: string, version: number, ticks: readonly string[]): Promise<SessionView> {
  return inTransaction(async (t) => {
    const { session } = await viewSession(id, t);
    await changeSession(id, version, { kits: { issued: session.kits?.issued ?? null, ticks } }, t);
    return viewSession(id, t);
  });
}

/** What came back from a session. A cord's amounts are lengths, each an offcut of its own; anything else is one number. */
export interface Leftover {
  readonly item: string;
  readonly amounts: readonly number[];
}

/** Puts leftovers back: cord as offcuts, hardware into the lot it came from. Never more than was issued. */
export function returnLeftovers(id: string, key: string, leftovers: readonly Leftover[]): Promise<SessionView> {
  return inTransaction(async (t) => {
    await lockStanding(id, t);
    const lines = await ledger({ session: id }, 5000, t);
    const out = new Map<string, number>();
    for (const line of lines)
      if ((line.kind === 'issue' || line.kind === 'return') && !line.undone)
        out.set(line.item, (out.get(line.item) ?? 0) - line.hand);
    const view = await viewSession(id, t);
    const { keep } = view.studio.settings.figures;
    for (const [i, { item, amounts }] of leftovers.entries()) {
      const total = amounts.reduce((sum, amount) => sum + amount, 0);
      const pointer = { pointer: `/leftovers/${i}/amounts` };
      if ((await bookedKeys([keyFor(key, `back ${i} 0`)], t)).size > 0) continue;
      if (total > (out.get(item) ?? 0))
        throw new Problem(422, 'too-much', `More than was issued: ${total} of ${out.get(item) ?? 0}.`, pointer);
      out.set(item, (out.get(item) ?? 0) - total);
      const short = amounts.find((amount) => cordOf(item) && amount < keep);
      if (short !== undefined)
        throw new Problem(
          422,
          'scrap',
          `${short} mm is shorter than the ${keep} mm worth keeping: leave it out.`,
          pointer,
        );
      const from = lines.find((line) => line.item === item && line.kind === 'issue')!.lot;
      const lots = amounts.map((_, n) => (cordOf(item) ? keyFor(key, `offcut ${i} ${n}`) : from));
      if (cordOf(item))
        await insertLots(
          lots.map((lot) => ({ id: lot, item, kind: 'offcut', place: '', tare: null })),
          t,
        );
      await insertMovements(
        amounts.map((amount, n) => entry(id, key, `back ${i} ${n}`, 'return', lots[n]!, amount, 0)),
        t,
      );
    }
    return viewSession(id, t);
  });
}
