import { randomUUID } from 'node:crypto';
import { describe, expect, it } from 'vitest';
import load from 'highs';
import { freePieces } from '../../../src/app/shelf/free-pieces';
import { replacements } from '../../../src/app/kits/instead';
import { lotUses } from '../../../src/app/shelf/lot-uses';
import { cancelOrder, placeOrders, receiveOrder } from '../../../src/app/buying/orders';
import { openOutlook } from '../../../src/app/buying/outlook';
import { editSeat } from '../../../src/app/session/edit-seats';
import { openSession, planOf } from '../../../src/app/session/session';
import { openShelf } from '../../../src/app/shelf/shelf';
import { openToday } from '../../../src/app/session/today';
import { colourGifts, colourProblems, assignColours } from '../../../src/core/layout';
import { modelsOf } from '../../../src/solver/highs';
import { simulatedSupplier } from '../../../src/standins/supplier';
import { database } from '../../../src/data/database/connection';
import { freshStudio } from '../support/database';
import { BUCKLE, CORD, expectLedgerTrue, session, stock, stockNamed } from '../support/shelf';

freshStudio();

describe('buying', () => {
  it('says what is short, by when to order, and counts what is on its way', async () => {
    await session('First', '2031-05-04', ['Ada', 'Bo', 'Cy']);
    const before = (await openOutlook()).items.find(({ item }) => item === CORD)!;
    const { lead_days, pack, price } = before.offer!;
    const due = new Date(Date.parse('2031-05-04') - lead_days * 86_400_000).toISOString().slice(0, 10);
    expect(before).toMatchObject({ short_on: '2031-05-04', packs: 1, cost: price, order_by: due, pack });
    const order = randomUUID();
    const shelf = await placeOrders(order, [{ item: CORD, packs: 2 }]);
    expect(shelf.orders).toHaveLength(1);
    const after = (await openOutlook()).items.find(({ item }) => item === CORD)!;
    expect(after).toMatchObject({ short_on: null, short: 0, ordered: 2 * pack });

    // A part delivery, sent twice, is one pack; more than was ordered is refused.
    const key = randomUUID();
    await receiveOrder(order, key, 1, 'Shelf 2');
    await receiveOrder(order, key, 1, 'Shelf 2');
    expect((await openShelf()).lines.find(({ doc }) => doc.id === CORD)).toMatchObject({ hand: pack, ordered: pack });
    await expect(receiveOrder(order, randomUUID(), 2, '')).rejects.toMatchObject({ code: 'too-many' });
    await expectLedgerTrue();
  });
});

describe('what is ahead', () => {
  it('is on Today by what has to be ordered, and gone from it once it is on its way', async () => {
    await stock(BUCKLE, 20, 'bag');
    await session('First', '2031-05-04', ['Ada', 'Bo']);
    const short = async () => (await openToday('2031-05-01')).short.map(({ item }) => item);
    expect(await short()).toEqual([CORD]);
    await placeOrders(randomUUID(), [{ item: CORD, packs: 1 }]);
    expect(await short()).toEqual([]);
    const { levels, offer } = (await openOutlook()).items.find(({ item }) => item === CORD)!;
    expect(levels.map(({ by }) => by)).toEqual([null, 'First']);
    expect(levels[0]!.level).toBe(offer!.pack);
    expect(levels[1]!.level).toBeLessThan(offer!.pack);
  });

  it('reckons with tools and consumables that the shelf knows, and with no others', async () => {
    await session('First', '2031-05-04', ['Ada', 'Bo', 'Cy', 'Di']);
    await session('Second', '2031-05-05', ['Ed', 'Flo', 'Gus', 'Hal', 'Ina', 'Jo', 'Kai']);
    const find = async (id: string) => (await openOutlook()).items.find(({ item }) => item === id);
    expect(await find('tool/scissors')).toBeUndefined();
    await stockNamed('tool', 'Scissors', 2);
    await stockNamed('consumable', 'Kit bag', 10, 1);
    // Two pairs for four seats, three for seven; what the first had is there for the second.
    expect(await find('tool/scissors')).toMatchObject({ short: 1, short_on: '2031-05-05', levels: [] });
    expect(await find('consumable/kit-bag')).toMatchObject({ short: 1, short_on: '2031-05-05', hand: 10 });
  });

  it('nets a hundred sessions ahead, and says that there are later ones', async () => {
    const only = await session('The last of them', '2032-05-04', ['Ada']);
    const others = (count: number) =>
      database().query(
        `INSERT INTO sessions (id, title, held_on, version)
         SELECT gen_random_uuid(), 'Evening ' || n, '2031-05-04', 1 FROM generate_series(1, ${count}) n`,
      );
    const seen = async () => {
      const { items, sessions, hasLater } = await openOutlook();
      return {
        sessions,
        hasLater,
        isNetted: items.some(({ lines }) => lines.some((one) => one.session === only.session.id)),
      };
    };
    await others(99);
    expect(await seen()).toEqual({ sessions: 100, hasLater: false, isNetted: true });
    await others(1);
    expect(await seen()).toEqual({ sessions: 100, hasLater: true, isNetted: false });
  });

  it('tells what a lot is long enough for: cuts of the sessions ahead, and strands of the projects', async () => {
    const offcut = await stock(CORD, 2500);
    const made = await session('First', '2031-05-04', ['Ada', 'Bo']);
    const [small, large] = made.seats;
    const wrist = (seat: typeof small, wrist_mm: number) =>
      editSeat(seat!.id, { version: seat!.version, person_version: seat!.person_version, changes: { wrist_mm } });
    await wrist(small, 130);
    await wrist(large, 210);
    const { ahead, pieces } = await lotUses(offcut);
    expect(ahead.map(({ label, title }) => [label, title])).toEqual([['Ada', 'First']]);
    expect(pieces.length).toBeGreaterThan(0);
    for (const { mm } of [...ahead, ...pieces]) expect(mm).toBeLessThanOrEqual(2500);
    await expect(lotUses(await stock(BUCKLE, 5, 'bag'))).rejects.toMatchObject({ status: 404 });
  });
});

describe('orders', () => {
  it('are refused where the supplier has none, sent in part where it has fewer, and cancelled', async () => {
    const { catalogue } = (await session('First', '2031-05-04', ['Ada'])).studio;
    const items = Object.values(catalogue.cords).flatMap(({ slug, colours }) =>
      colours.map((colour) => `cord/${slug}/${colour.slug}`),
    );
    const packs = (item: string): number => simulatedSupplier.offers(item)[0]!.packs;
    const none = items.find((item) => packs(item) === 0)!;
    await expect(placeOrders(randomUUID(), [{ item: none, packs: 1 }])).rejects.toMatchObject({ code: 'no-supply' });
    await expect(placeOrders(randomUUID(), [{ item: 'cord/satin-2/mauve', packs: 1 }])).rejects.toMatchObject({
      code: 'unknown',
    });
    const few = items.find((item) => packs(item) === 2)!;
    const key = randomUUID();
    const { orders, notes } = await placeOrders(key, [{ item: few, packs: 5 }]);
    expect(notes).toEqual([expect.stringContaining('only 2 of 5 packs')]);
    expect(orders.map((order) => [order.item, order.packs])).toEqual([[few, 2]]);
    // Sent again, its answer lost, it is one order.
    expect((await placeOrders(key, [{ item: few, packs: 5 }])).orders).toHaveLength(1);
    await receiveOrder(key, randomUUID(), 1, 'Drawer 2');
    const { version } = (await openShelf()).orders[0]!;
    await expect(cancelOrder(key, version + 1)).rejects.toMatchObject({ status: 409 });
    expect((await cancelOrder(key, version)).orders).toEqual([]);
    // Its answer lost, it is cancelled.
    expect((await cancelOrder(key, version)).orders).toEqual([]);
    await expect(receiveOrder(key, randomUUID(), 1, '')).rejects.toMatchObject({ code: 'cancelled' });
    await expect(cancelOrder(randomUUID(), 1)).rejects.toMatchObject({ status: 404 });
    expect((await openShelf()).lines.find(({ doc }) => doc.id === few)).toMatchObject({ lots: 1, ordered: 0 });
    await expectLedgerTrue();
  });
});

describe('colours by wish', () => {
  it('are given under what is free, and leave alone who wishes for nothing', async () => {
    const made = await session('Wishes', '2031-05-04', ['Ada', 'Bo', 'Cy']);
    await stock(CORD, 6000);
    await stock('cord/sheathed-4/night', 3500);
    const wish = async (i: number, wishes: string[]) => {
      const { id, version, person_version } = made.seats[i]!;
      await editSeat(id, { version, person_version, changes: { wishes } });
    };
    await wish(0, ['night', 'race']);
    await wish(1, ['night']);
    const view = await openSession(made.session.id);
    const { catalogue, settings } = view.studio;
    const seats = planOf(view).seats;
    const wishes = new Map(view.seats.map((seat) => [seat.id, seat.wishes]));
    const { problems, several } = colourProblems(seats, (id) => wishes.get(id)!, settings.figures.cut_loss);
    expect(several).toEqual([]);
    const [problem] = problems;
    expect(problems.map(({ cord, keeping }) => [cord, keeping.length])).toEqual([['sheathed-4', 1]]);
    const pieces = await freePieces(made.session.id, 'sheathed-4');
    expect(pieces).toMatchObject({ race: [6000], night: [3500], sail: [] });
    const given = assignColours(problem!.wishing, problem!.keeping, pieces, modelsOf(await load()));
    const gifts = colourGifts(problem!, given, seats, catalogue);
    // Night tide is enough for one: Bo, whose only wish it is; Ada's second wish is what she has.
    expect(gifts.map(({ seat, to, rank }) => [seat, to, rank])).toEqual([
      [made.seats[0]!.id, CORD, 1],
      [made.seats[1]!.id, 'cord/sheathed-4/night', 0],
    ]);
    expect(gifts[1]!.cords).toEqual({ whole: { cord: 'sheathed-4', colours: ['night'] } });
  });
});

describe('what would do instead', () => {
  it('is long enough in its pieces, other colours of the cord first', async () => {
    const made = await session('Instead', '2031-05-04', ['Ada', 'Bo']);
    await stock('cord/sheathed-3/night', 30_000);
    await stock('cord/sheathed-4/night', 30_000);
    // As much in all, and no piece long enough.
    for (let i = 0; i < 6; i++) await stock('cord/sheathed-4/sail', 1000);
    await stock(BUCKLE, 20, 'bag');
    const found = await replacements(made.session.id, CORD);
    expect(found.map(({ item }) => item)).toEqual(['cord/sheathed-4/night', 'cord/sheathed-3/night']);
    expect(found[0]).toMatchObject({ sameCord: true, cut_mm: 0, width_mm: 0, free_mm: 30_000 });
    expect(found[1]!.width_mm).toBeLessThan(0);
    expect(found[0]!.seats).toEqual(
      made.seats.map(({ id }) => ({ id, cords: { whole: { cord: 'sheathed-4', colours: ['night'] } } })),
    );
    expect(await replacements(made.session.id, 'cord/satin-2/race')).toEqual([]);
  });
});
