import { randomUUID } from 'node:crypto';
import { describe, expect, it } from 'vitest';
import { planColours } from '../../src/app/colours';
import { replacements } from '../../src/app/instead';
import { placeOrder, receiveOrder } from '../../src/app/orders';
import { openOutlook } from '../../src/app/outlook';
import { editSeat } from '../../src/app/seats';
import { openShelf } from '../../src/app/shelf';
import { freshStudio } from './database';
import { BUCKLE, CORD, expectLedgerTrue, session, stock } from './shelf';

freshStudio();

describe('buying', () => {
  it('says what is short, by when to order, and counts what is on its way', async () => {
    await session('First', '2031-05-04', ['Ada', 'Bo', 'Cy']);
    const before = (await openOutlook()).items.find(({ item }) => item === CORD)!;
    const { lead_days, pack, price } = before.offer!;
    const due = new Date(Date.parse('2031-05-04') - lead_days * 86_400_000).toISOString().slice(0, 10);
    expect(before).toMatchObject({ short_on: '2031-05-04', packs: 1, cost: price, order_by: due, pack });
    const order = randomUUID();
    const shelf = await placeOrder(order, CORD, 2);
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
    const { gifts, without } = await planColours(made.session.id);
    // Night tide is enough for one: Bo, whose only wish it is; Ada's second wish is what she has.
    expect(gifts.map(({ label, to, rank }) => [label, to, rank])).toEqual([
      ['Ada', CORD, 1],
      ['Bo', 'cord/sheathed-4/night', 0],
    ]);
    expect(without).toEqual([]);
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
