import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { SHIPPED } from '../../../catalogue';
import { sessionNeeds } from '../../../src/core/kit';
import { stockFor, wholeMm } from '../../../src/core/measure';
import { cutsByItem, layoutFault, stockFault, takenBy, TO_BUY, type Layout } from '../../../src/core/layout';
import { planSeat } from '../../../src/core/seat';
import { sameAs } from '../../../src/core/person';
import { outlook } from '../../../src/core/shelf';
import { STARTING_FIGURES } from '../../../src/core/studio';
import { seat } from '../examples/seat';

const ITEM = 'cord/sheathed-4/race';
const plans = ['Ada', 'Bo', 'Cy'].map((label) =>
  planSeat(
    seat({ label, size: { wrist: 165 }, cords: { whole: { cord: 'sheathed-4', colours: ['race'] } } }),
    SHIPPED,
    STARTING_FIGURES,
  ),
);
const staged = plans.map((plan, i) => ({ id: `seat-${i}`, plan, accepted: false }));
const cuts = cutsByItem(staged);
const own = cuts.get(ITEM)!;

describe('loss a cut, where it is a fraction of a millimetre', () => {
  it('is rounded once over all cuts of a piece, and is the same in what is needed and what is reserved', () => {
    // Three cuts of 100 mm with 0.4 mm each: 301.2 mm, that is 302 whole ones. Rounded cut by cut it would be 303.
    expect(stockFor([100, 100, 100], 0.4)).toBe(302);
    expect(takenBy({ cuts: [100, 100, 100].map((mm, i) => ({ id: String(i), mm })) }, 0.4)).toBe(302);
    // What the machine adds to a sum is no millimetre: ten times a tenth is one.
    expect(stockFor(Array<number>(10).fill(50), 0.1)).toBe(501);
    expect(wholeMm(12.7)).toBe(13);
  });

  it('never tells a session that has reserved everything to buy more', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 60 }).map((tenths) => tenths / 10),
        fc.integer({ min: 1, max: 3 }),
        (cut_loss, lanes) => {
          const figures = { ...STARTING_FIGURES, cut_loss };
          const need = sessionNeeds(plans, figures, []).find(({ item }) => item === ITEM)!;
          // However the cuts lie on the pieces, what is held of those is enough.
          const held = Array.from({ length: lanes }, (_, lane) =>
            takenBy({ cuts: own.filter((_cut, i) => i % lanes === lane) }, cut_loss),
          ).reduce((sum, mm) => sum + mm, 0);
          const session = { session: 's', title: 'Tide club', on: '2030-05-01', reserved: held };
          const found = outlook({ free: 0, lengths: [] }, [{ ...need, ...session }], [], {
            pack: 30_000,
            price: 900,
            lead_days: 5,
          });
          expect(found.short).toBe(0);
          expect(found.packs).toBe(0);
        },
      ),
    );
  });
});

describe('a layout against the shelf', () => {
  const lot = { id: 'a', number: 3, item: ITEM, mm: 30_000 };
  const lane = { stock: 'a', length_mm: 30_000, locked: [], cuts: own.map(({ id, mm }) => ({ id, mm })) };
  const layout = (lanes: Layout[number]['lanes'], more: Layout = []): Layout => [
    { item: ITEM, bound_mm: 0, lanes },
    ...more,
  ];
  const check = (of: Layout, lots = [lot], pack: number | null = 30_000) => stockFault(of, lots, () => pack, 4);

  it('is good where each lot is cut in one lane that is long enough', () => {
    expect(check(layout([lane]))).toBeNull();
    expect(layoutFault(layout([lane]), cuts)).toBeNull();
    expect(check(layout([{ ...lane, stock: TO_BUY }]), [])).toBeNull();
  });

  it.each<[string, Layout, RegExp]>([
    ['another cord’s lot', layout([{ ...lane, stock: 'other' }]), /lot 8 is another cord/],
    ['a lane of a millimetre', layout([{ ...lane, length_mm: 1 }]), /in a lane of 1 mm/],
    [
      'a lot in two lanes',
      layout([
        { ...lane, cuts: lane.cuts.slice(1) },
        { ...lane, cuts: lane.cuts.slice(0, 1) },
      ]),
      /lot 3 is laid out twice/,
    ],
    ['a lot that is gone', layout([{ ...lane, stock: 'gone' }]), /not on the shelf any more/],
    [
      'a pack of a made-up length',
      layout([{ ...lane, stock: TO_BUY, length_mm: 90_000 }]),
      /a pack to buy is 30000 mm long/,
    ],
  ])('refuses %s', (_, given, why) => {
    expect(check(given, [lot, { ...lot, id: 'other', number: 8, item: 'cord/satin-2/race' }])).toMatch(why);
  });

  it('refuses a group twice, a cut locked elsewhere, and packs nobody sells', () => {
    expect(layoutFault(layout([lane], layout([lane])), cuts)).toMatch(/twice over/);
    expect(layoutFault(layout([{ ...lane, locked: ['nobody/0/0'] }]), cuts)).toMatch(/locked/);
    expect(check(layout([{ ...lane, stock: TO_BUY }]), [], null)).toMatch(/nobody says in what packs/);
    expect(check(layout([{ ...lane, stock: TO_BUY, length_mm: 2000 }]), [], 2000)).toMatch(/on a pack of 2000 mm/);
  });
});

describe('whether a name is somebody known', () => {
  it.each([
    [9, 145, 9, null, 'agrees'],
    [9, 145, 10, 149, 'agrees'],
    [34, 165, null, 168, 'agrees'],
    // A child of nine and one of thirty-four are two people, whatever they are called; so are wrists three centimetres apart.
    [9, 145, 34, 145, 'differs'],
    [null, 145, null, 176, 'differs'],
    [9, 145, null, null, 'unsure'],
    [null, 145, null, 155, 'unsure'],
  ] as const)('known %s years and %s mm, told %s years and %s mm: %s', (age, wrist_mm, told, taken, verdict) => {
    expect(sameAs({ age, wrist_mm }, { age: told, wrist_mm: taken })).toBe(verdict);
  });
});
