import { randomUUID } from 'node:crypto';
import { describe, expect, it } from 'vitest';
import { editSeat } from '../../../src/app/session/edit-seats';
import { orderList, orderListPdf } from '../../../src/app/buying/order-list';
import { placeOrders } from '../../../src/app/buying/orders';
import { openOutlook } from '../../../src/app/buying/outlook';
import { openSubstitutes } from '../../../src/app/buying/substitutes';
import { lotLabels } from '../../../src/app/sheets/labels';
import { openShelf } from '../../../src/app/shelf/shelf';
import { regionOf } from '../../../src/core/region';
import { bodiesOf, type SheetTable } from '../../../src/formats/sheets';
import { freshStudio } from '../support/database';
import { BUCKLE, CORD, session, stock, stockNamed } from '../support/shelf';

freshStudio();

const writing = () => ({ units: 'cm' as const, region: regionOf('en-GB', 'EUR'), both: false });
const ALL = { packs: new Map<string, number>(), without: new Set<string>() };

describe('everything short at once', () => {
  it('is ordered together, once, each in the pack that was chosen; what cannot be had keeps nothing else back', async () => {
    await session('First', '2031-05-04', ['Ada', 'Bo', 'Cy']);
    await stockNamed('consumable', 'Kit bag', 1, 1);
    const short = (await openOutlook()).items.filter((item) => item.short > 0);
    expect(short.map(({ item }) => item).sort()).toEqual(['consumable/kit-bag', CORD, BUCKLE]);
    const cord = short.find(({ item }) => item === CORD)!;
    // In a small pack, if one is enough, or in a large one: each holds what is missing without a join.
    expect(cord.ways.length).toBeGreaterThan(1);
    for (const { pack, needed } of cord.ways) expect(needed * pack).toBeGreaterThanOrEqual(cord.short);
    const small = cord.ways.find(({ pack }) => pack !== cord.pack)!;
    const key = randomUUID();
    const lines = [
      { item: CORD, pack: small.pack, packs: small.needed },
      { item: BUCKLE, packs: 1 },
      { item: 'consumable/kit-bag', packs: 1 },
    ];
    const { ordered, notes } = await placeOrders(key, lines);
    expect([ordered, notes]).toEqual([2, ['Kit bag: the supplier does not carry it']]);
    // Its answer lost and sent again, it is ordered once.
    await placeOrders(key, lines);
    const { orders } = await openShelf();
    expect(orders.map(({ item, pack, packs }) => [item, pack, packs]).sort()).toEqual(
      [
        [CORD, small.pack, small.needed],
        [BUCKLE, 20, 1],
      ].sort(),
    );
    expect((await openOutlook()).items.filter((item) => item.short > 0).map(({ item }) => item)).toEqual([
      'consumable/kit-bag',
    ]);
    // The same key with something else is another wish, and refused.
    await expect(placeOrders(key, [{ item: BUCKLE, packs: 2 }])).rejects.toMatchObject({ code: 'key-used' });
  });

  it('is one list by supplier and lead time, as it is usually bought or as was chosen, for page and paper', async () => {
    await session('First', '2031-05-04', ['Ada', 'Bo', 'Cy']);
    await stockNamed('tool', 'Scissors', 1);
    await session('Large', '2031-05-05', ['Di', 'Ed', 'Flo', 'Gus', 'Hal', 'Ina', 'Jo']);
    const { sheet } = await orderList(ALL, writing);
    const table = sheet.sections[0] as SheetTable;
    const groups = bodiesOf(table);
    expect(groups.map(({ words }) => words)).toEqual([
      expect.stringMatching(/^Marram Rope Walk, \d days: here on .*€[\d.]+$/),
      expect.stringMatching(/^Mudbank Sundries, 4 days: here on .*€[\d.]+$/),
    ]);
    // What nobody sells is named, not left out.
    expect(sheet.sections[1]).toMatchObject({ lines: [expect.stringContaining('Scissors')] });
    const money = (text: unknown): number => Number(/€([\d.]+)$/.exec(String(text))![1]);
    const costs = table.rows.map((row) => money(row.at(-1)));
    expect(costs.reduce((a, b) => a + b, 0)).toBeCloseTo(money(table.after), 5);
    expect(groups.reduce((all, { words }) => all + money(words), 0)).toBeCloseTo(money(table.after), 5);

    const cord = (await openOutlook()).items.find(({ item }) => item === CORD)!;
    const other = cord.ways.find(({ pack }) => pack !== cord.pack)!;
    const chosen = await orderList({ packs: new Map([[CORD, other.pack]]), without: new Set([BUCKLE]) }, writing);
    const rows = (chosen.sheet.sections[0] as SheetTable).rows;
    expect(rows.map((row) => row[2])).toEqual([String(other.needed)]);
    const pdf = await orderListPdf(ALL, writing, 'letter');
    expect(new TextDecoder('latin1').decode(pdf.slice(0, 5))).toBe('%PDF-');
  });

  it('names what is free on the shelf and would do instead in every session that lacks it', async () => {
    await session('First', '2031-05-04', ['Ada', 'Bo']);
    expect(await openSubstitutes()).toEqual({});
    await stock('cord/sheathed-4/night', 30_000);
    expect(await openSubstitutes()).toMatchObject({
      [CORD]: { item: 'cord/sheathed-4/night', sessions: [{ title: 'First' }] },
    });
  });

  it('names hardware that every seat could have instead, where enough of it is free, and no skin is harmed by it', async () => {
    const view = await session('First', '2031-05-04', ['Ada', 'Bo']);
    const other = 'hardware/buckle-steel-15';
    await stock(other, 1, 'bag');
    expect(await openSubstitutes()).toEqual({});
    await stock(other, 2, 'bag');
    expect(await openSubstitutes()).toMatchObject({ [BUCKLE]: { item: other, name: 'Steel buckle 15 mm' } });
    // What is plated holds nickel.
    const { id, version, person_version } = view.seats[0]!;
    await editSeat(id, { version, person_version, changes: { avoid: ['nickel'] } });
    expect(await openSubstitutes()).toEqual({});
  });
});

it('labels for the lots of an item, each with its number and the code that opens it', async () => {
  await stock(CORD, 9000);
  await stock(CORD, 4000);
  const { bytes, name } = await lotLabels(CORD, () => 'cm', 'http://127.0.0.1:4300');
  expect([name, bytes.length > 2000]).toEqual(['lots.pdf', true]);
  await expect(lotLabels('cord/none/none', () => 'cm', '')).rejects.toMatchObject({ status: 404 });
});
