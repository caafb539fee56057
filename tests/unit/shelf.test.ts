import fc from 'fast-check';
import load from 'highs';
import { describe, expect, it } from 'vitest';
import { SHIPPED } from '../../catalogue';
import { kitCost, sessionNeeds, sharedTools, sparesOf, totalCost } from '../../src/core/kit';
import {
  cutsByItem,
  lacking,
  replaceCord,
  seatInstead,
  lanesFrom,
  lanesProblem,
  layoutFault,
  moveCut,
  withLocked,
  type BagCut,
} from '../../src/core/session';
import { solveLanes } from '../../src/core/lanes';
import { assignColours, estimateMass, move, outlook, weigh, type Balance, type Need } from '../../src/core/shelf';
import { STARTING_FIGURES } from '../../src/core/studio';
import { readStockCsv } from '../../src/formats/stock';
import { modelsOf } from '../../src/solver/highs';
import { simulatedPrinter } from '../../src/standins/label-printer';
import { simulatedScale } from '../../src/standins/scale';
import { simulatedSupplier } from '../../src/standins/supplier';
import { planSeat } from '../../src/core/session';
import { seat } from './seat';

const makeModel = modelsOf(await load());
const balance = (hand: number, held = 0, mine = 0): Balance => ({ hand, held, mine });
const changeOf = (...args: Parameters<typeof move>) => {
  const moved = move(...args);
  return moved.ok ? moved.change : moved.why;
};

describe('a movement', () => {
  it('takes what is free, and one’s own reservation first', () => {
    expect(changeOf('reserve', 400, balance(1000, 600))).toEqual({ hand: 0, held: 400 });
    expect(changeOf('reserve', 401, balance(1000, 600))).toBe('400 free of 1000');
    // 300 of the 500 are held for me, 400 more are free.
    expect(changeOf('issue', 500, balance(1000, 600, 300))).toEqual({ hand: -500, held: -300 });
    expect(changeOf('issue', 200, balance(1000, 600, 300))).toEqual({ hand: -200, held: -200 });
    expect(changeOf('issue', 701, balance(1000, 600, 300))).toBe('700 free of 1000');
    expect(changeOf('waste', 401, balance(1000, 600, 300))).toBe('400 free of 1000');
    expect(changeOf('release', 301, balance(1000, 600, 300))).toBe('300 reserved');
    expect(changeOf('count', 599, balance(1000, 600))).toMatch(/600 are reserved/);
    expect(changeOf('count', 0, balance(80))).toEqual({ hand: -80, held: 0 });
    expect(changeOf('receive', 0, balance(80))).toBe('nothing was asked for');
  });

  it('never takes a balance where it cannot be, whatever comes after what', () => {
    const kinds = ['receive', 'reserve', 'release', 'issue', 'return', 'waste', 'count'] as const;
    fc.assert(
      fc.property(
        fc.array(
          fc.record({ kind: fc.constantFrom(...kinds), amount: fc.integer({ min: 0, max: 900 }), who: fc.nat(2) }),
        ),
        (steps) => {
          let [hand, held] = [0, 0];
          const mine = [0, 0, 0];
          for (const { kind, amount, who } of steps) {
            const moved = move(kind, amount, { hand, held, mine: mine[who]! });
            if (!moved.ok) continue;
            hand += moved.change.hand;
            held += moved.change.held;
            mine[who]! += moved.change.held;
            expect(hand).toBeGreaterThanOrEqual(0);
            expect(held).toBeGreaterThanOrEqual(0);
            expect(held).toBeLessThanOrEqual(hand);
            expect(Math.min(...mine)).toBeGreaterThanOrEqual(0);
            expect(mine.reduce((a, b) => a + b)).toBe(held);
          }
        },
      ),
    );
  });
});

describe('weighing', () => {
  it('is net mass over mass a metre, with how far off it may be', () => {
    // (105 − 62) g / 6.8 g/m = 6.3235 m; half a gram is 73.5 mm, two in a hundred 126.5 mm.
    expect(weigh(105, 62, 6.8, 0.5, 0.02)).toEqual({ ok: true, value: { mm: 6323, off_mm: 200 } });
    expect(weigh(61.8, 62, 6.8, 0.5, 0)).toMatchObject({ ok: true, value: { mm: 0 } });
    expect(weigh(40, 62, 6.8, 0.5, 0)).toMatchObject({ ok: false, why: expect.stringContaining('62 g') as string });
  });

  it('estimates a cord’s mass from its round, its fill and its fibre', () => {
    // π/4 × 4² mm² = 12.566 mm², that is cm³ a metre; × 0.55 × 1.14 g/cm³.
    expect(estimateMass(SHIPPED.cords['sheathed-4']!, 0.55)).toBeCloseTo(7.879, 2);
    // Leather is solid: π/4 × 0.95.
    expect(estimateMass(SHIPPED.cords['leather-1']!, 0.55)).toBeCloseTo(0.746, 2);
  });

  it('reads a scale that swings, settles, drifts, or is unplugged', () => {
    const at = (ms: number, fault?: 'drift' | 'unplugged') => simulatedScale(120, () => ms, fault).read();
    expect(at(50)!.stable).toBe(false);
    expect(at(5000)).toEqual({ grams: 120, stable: true, step: 0.5 });
    expect(at(60_000, 'drift')).toMatchObject({ grams: 150, stable: false });
    expect(at(2000, 'unplugged')).toBeNull();
  });
});

const need = (on: string, lengths: number[], more: Partial<Need> = {}): Need => ({
  session: on,
  title: on,
  on,
  amount: lengths.reduce((a, b) => a + b, 0),
  lengths,
  reserved: 0,
  ...more,
});
const buying = { pack: 10_000, price: 700, lead_days: 4 };

describe('an outlook', () => {
  it('nets the sessions in the order of their days, piece by piece', () => {
    const found = outlook(
      { free: 5000, lengths: [3000, 2000] },
      [need('2030-05-08', [1500]), need('2030-05-01', [1800, 1900])],
      [],
      buying,
    );
    // First the 1st of May: 1,900 from the 2,000 (the shortest that takes it), 1,800 from the 3,000. Left: 100 and 1,200.
    expect(found.lines.map((line) => [line.on, line.there, line.short])).toEqual([
      ['2030-05-01', 3700, 0],
      ['2030-05-08', 0, 1500],
    ]);
    expect(found).toMatchObject({ short_on: '2030-05-08', short: 1500, packs: 1, cost: 700, order_by: '2030-05-04' });
  });

  it('does not take two short pieces for one long', () => {
    const found = outlook({ free: 4000, lengths: [2000, 2000] }, [need('2030-05-01', [2500])], [], buying);
    expect(found.short).toBe(2500);
  });

  it('counts what comes in time, and not what comes late', () => {
    const coming = (due: string) => [{ due, amount: 20_000, pack: 10_000 }];
    const of = (due: string) =>
      outlook({ free: 0, lengths: [] }, [need('2030-05-01', [9000, 8000])], coming(due), buying);
    expect(of('2030-05-01').short).toBe(0);
    expect(of('2030-05-02').short).toBe(17_000);
    // 9,000 and 8,000 do not go into one pack of 10,000.
    expect(of('2030-05-02').packs).toBe(2);
  });

  it('leaves what a session has reserved to it, and packs pieces whole', () => {
    const count = (reserved: number) =>
      outlook(
        { free: 5, lengths: [] },
        [need('2030-05-01', [], { amount: 12, reserved }), need('2030-05-02', [], { amount: 4 })],
        [],
        { ...buying, pack: 20 },
      );
    expect(count(12).lines.map((line) => line.short)).toEqual([0, 0]);
    // Nine reserved and three of the five free; two are left for the four of the next day.
    expect(count(9).lines.map((line) => line.short)).toEqual([0, 2]);
    expect(count(0)).toMatchObject({ short: 11, packs: 1 });
    expect(outlook({ free: 0, lengths: [] }, [need('2030-05-01', [12_000])], [], buying).packs).toBeNull();
  });
});

const plans = ['Ada', 'Bo'].map((label) =>
  planSeat(seat({ label, size: { wrist: 165 }, project: 'band-buckle' }), SHIPPED, STARTING_FIGURES),
);
const staged = plans.map((plan, i) => ({ id: `seat-${i}`, plan, accepted: false }));

describe('kits', () => {
  it('need every cord with its loss, and hardware with spares', () => {
    const needs = sessionNeeds(plans, STARTING_FIGURES, []);
    const { cord, colour, length_mm } = plans[0]!.cut!.cuts[0]!;
    expect(needs).toEqual([
      { item: `cord/${cord}/${colour}`, amount: 2 * (length_mm + 4), lengths: [length_mm + 4, length_mm + 4] },
      { item: 'hardware/buckle-15', amount: 3, lengths: [] },
    ]);
    expect([1, 20, 21, 100].map((n) => sparesOf(n, STARTING_FIGURES))).toEqual([1, 1, 2, 5]);
  });

  it('share tools by ratio, rounded up', () => {
    const room = Array.from({ length: 7 }, () => ({ items: [], tools: ['scissors', 'small lighter', 'awl'] }));
    expect(sharedTools(room, STARTING_FIGURES).map(({ tool, count }) => [tool, count])).toEqual([
      ['awl', 7],
      ['scissors', 3],
      ['small lighter', 1],
    ]);
  });

  it('cost what is known, and say what is not', () => {
    const { cord, colour, length_mm } = plans[0]!.cut!.cuts[0]!;
    const price = { [`cord/${cord}/${colour}`]: 0.03 };
    const cost = kitCost(plans[0]!, price, STARTING_FIGURES, []);
    expect(cost.minor).toBeCloseTo((length_mm + 4) * 0.03, 6);
    expect(totalCost([cost, cost])).toEqual({ minor: cost.minor * 2, unknown: ['hardware/buckle-15'] });
  });
});

describe('a layout', () => {
  const cuts = [...cutsByItem(staged)];
  const [item, wanted] = cuts[0]!;
  const lots = [
    { id: 'a', number: 1, kind: 'spool', place: '', mm: 9000, fresh: false },
    { id: 'b', number: 2, kind: 'offcut', place: '', mm: wanted[0]!.mm + 4, fresh: false },
  ];
  const problem = lanesProblem(wanted, lots, STARTING_FIGURES);
  const solve = (p: typeof problem) => solveLanes(p, { seconds: 0.2, now: () => performance.now() });

  it('names the seat whose cut changed, is new, or is gone', () => {
    const lanes = lanesFrom(solve(problem), wanted, lots, null);
    const layout = [{ item, bound_mm: 0, lanes }];
    const now = (change: (all: BagCut[]) => BagCut[]) => layoutFault(layout, new Map([[item, change([...wanted])]]));
    expect(now((all) => all)).toBeNull();
    expect(now(([first, ...rest]) => [{ ...first!, mm: first!.mm + 10 }, ...rest])).toMatch(
      /Ada was laid out at \d+ mm/,
    );
    expect(now((all) => [...all, { ...all[0]!, id: 'new', label: 'Cy' }])).toBe('a length for Cy is not laid out');
    expect(now((all) => all.slice(1))).toMatch(/no seat needs now/);
    expect(layoutFault(layout, new Map())).toMatch(/no seat uses now/);
  });

  it('moves a cut where it fits, locks it there, and solves the rest round it', () => {
    const spread = [
      { stock: 'a', length_mm: 9000, cuts: wanted.map(({ id, mm }) => ({ id, mm })), locked: [] },
      { stock: 'b', length_mm: wanted[0]!.mm + 4, cuts: [], locked: [] },
    ];
    const [first] = wanted;
    expect(lacking(spread[1]!, first!.mm, 4)).toBe(0);
    expect(lacking(spread[1]!, first!.mm + 7, 4)).toBe(7);
    const moved = moveCut(spread, first!.id, 1);
    expect(moved.map((lane) => [lane.stock, lane.cuts.length, lane.locked])).toEqual([
      ['a', 1, []],
      ['b', 1, [first!.id]],
    ]);
    const rest = withLocked(problem, moved);
    expect(rest.cuts.map((cut) => cut.id)).toEqual([wanted[1]!.id]);
    expect(rest.stock.map((piece) => piece.id)).toEqual(['a']);
    const lanes = lanesFrom(solve(rest), wanted, lots, null, moved);
    expect(new Map(lanes.map((lane) => [lane.stock, lane.cuts.map((cut) => cut.id)]))).toEqual(
      new Map([
        ['b', [first!.id]],
        ['a', [wanted[1]!.id]],
      ]),
    );
    expect(layoutFault([{ item, bound_mm: 0, lanes }], new Map([[item, wanted]]))).toBeNull();
  });
});

describe('colours by wish', () => {
  const wish = (seat: string, wishes: string[], need = 2000) => ({ seat, need, wishes });
  const given = (...args: [Parameters<typeof assignColours>[0], Record<string, number>]) =>
    Object.fromEntries(assignColours(...args, makeModel).map(({ seat, colour }) => [seat, colour]));

  it('are given with the least regret in all, not first come first served', () => {
    // Cord for one in blue and one in green, two in red. In turn Ada would take blue and leave Bo, who wants nothing else, a
    // regret of 3; Ada in green (1) leaves Bo blue (0).
    const seats = [wish('Ada', ['blue', 'green']), wish('Bo', ['blue'])];
    expect(given(seats, { blue: 2500, green: 2500, red: 5000 })).toEqual({ Ada: 'green', Bo: 'blue' });
    expect(given(seats, { blue: 4000, green: 0, red: 0 })).toEqual({ Ada: 'blue', Bo: 'blue' });
  });

  it('never take more of a colour than there is, and leave out who none is left for', () => {
    const seats = [wish('Ada', ['blue'], 3000), wish('Bo', ['blue'], 2000), wish('Cy', ['red'], 9000)];
    const found = given(seats, { blue: 4500, red: 8000 });
    // Both want blue, and there is cord for one; the other goes to red. Nine metres fit nowhere.
    expect([found.Ada, found.Bo].sort()).toEqual(['blue', 'red']);
    expect(found).not.toHaveProperty('Cy');
  });

  it('are as good as trying every way', () => {
    const colours = ['a', 'b', 'c'];
    fc.assert(
      fc.property(
        fc.array(fc.record({ need: fc.integer({ min: 1, max: 3 }), wishes: fc.shuffledSubarray(colours) }), {
          minLength: 1,
          maxLength: 4,
        }),
        fc.tuple(fc.nat(5), fc.nat(5), fc.nat(5)),
        (people, there) => {
          const seats = people.map((one, i) => ({ ...one, need: one.need * 1000, seat: `s${i}` }));
          const available = Object.fromEntries(colours.map((colour, i) => [colour, there[i]! * 1000]));
          const regret = (i: number, colour: string | undefined): number => {
            if (colour === undefined) return 1000;
            const rank = seats[i]!.wishes.indexOf(colour);
            return rank >= 0 ? rank : seats[i]!.wishes.length + 2;
          };
          const found = given(seats, available);
          const total = seats.reduce((sum, { seat: who }, i) => sum + regret(i, found[who]), 0);
          let best = Infinity;
          const left = { ...available };
          const go = (i: number, sum: number): void => {
            if (i === seats.length) best = Math.min(best, sum);
            else {
              go(i + 1, sum + regret(i, undefined));
              for (const colour of colours) {
                if (left[colour]! < seats[i]!.need) continue;
                left[colour]! -= seats[i]!.need;
                go(i + 1, sum + regret(i, colour));
                left[colour]! += seats[i]!.need;
              }
            }
          };
          go(0, 0);
          expect(total).toBe(best);
        },
      ),
      { numRuns: 60, seed: 4 },
    );
  });
});

describe('another cord instead', () => {
  const two = seat({ cords: { whole: { cord: 'sheathed-4', colours: ['race', 'sail'] } }, options: { colours: 2 } });
  const planned = planSeat(two, SHIPPED, STARTING_FIGURES);

  it('replaces one colour, or the cord with the colour that stays beside it', () => {
    expect(replaceCord(planned, 'cord/sheathed-4/sail', 'cord/sheathed-4/night', SHIPPED)).toEqual({
      whole: { cord: 'sheathed-4', colours: ['race', 'night'] },
    });
    expect(replaceCord(planned, 'cord/sheathed-4/race', 'cord/sheathed-3/night', SHIPPED)).toEqual({
      whole: { cord: 'sheathed-3', colours: ['night', 'sail'] },
    });
    // Two colours stay two; a cord without the other colour will not do; nor is there anything to replace.
    expect(replaceCord(planned, 'cord/sheathed-4/sail', 'cord/sheathed-4/race', SHIPPED)).toBeNull();
    expect(replaceCord(planned, 'cord/sheathed-4/race', 'cord/cotton-2/kelp', SHIPPED)).toBeNull();
    expect(replaceCord(planned, 'cord/satin-2/race', 'cord/satin-2/night', SHIPPED)).toBeNull();
  });

  it('says what changes: nothing for a colour, cut and width for a thinner cord', () => {
    const instead = (to: string) => seatInstead(two, planned, 'cord/sheathed-4/race', to, SHIPPED, STARTING_FIGURES);
    expect(instead('cord/sheathed-4/night')).toMatchObject({ cut_mm: 0, width_mm: 0, knotted_mm: 0 });
    const thinner = instead('cord/sheathed-3/night')!;
    expect(thinner.width_mm).toBeCloseTo(thinner.plan.piece!.width - planned.piece!.width, 9);
    expect(thinner.width_mm).toBeLessThan(0);
    expect(thinner.cut_mm).toBe(thinner.plan.cut!.total_mm - planned.cut!.total_mm);
  });
});

describe('a list of stock', () => {
  const names = {
    cords: Object.values(SHIPPED.cords),
    pieces: Object.values(SHIPPED.hardware).map(({ slug, name }) => ({ item: hardwareItem(slug), slug, name })),
  };
  const read = (text: string) => readStockCsv(text, names, false);

  it('reads other separators, a byte-order mark and quoted line breaks', () => {
    const { lines, fault } = read(
      '\uFEFFWhere;Item;Colour;Length;Kind;Packs\r\n"Drawer\r\n3";Satin cord 2 mm;race BLUE;30 m;spool;2\r\n;buckle 15 mm;;24;;\r\n',
    );
    expect(fault).toBeNull();
    expect(lines.map(({ item, amount, kind, lots, faults }) => [item, amount, kind, lots, faults])).toEqual([
      ['cord/satin-2/race', 30_000, 'spool', 2, []],
      ['hardware/buckle-15', 24, 'bag', 1, []],
    ]);
    expect(lines[0]!.place).toBe('Drawer\r\n3');
    expect(read('item\tcolour\tamount\nsatin-2\trace\t33 ft').lines[0]!.amount).toBe(10_058);
  });

  it('guesses nothing: each fault by its column', () => {
    const faults = (row: string) =>
      read(`item,colour,amount,kind\n${row}`).lines[0]!.faults.map(({ column, problem }) => `${column}: ${problem}`);
    expect(faults('satin-2,race,30,spool')).toEqual(['amount: “30” has no unit; write 30 m, ft or mm']);
    expect(faults('satin-2,mauve,3 m,spool')[0]).toMatch(
      /^colour: Satin cord 2 mm has no colour “mauve”; it has Race blue/,
    );
    expect(faults('rope,race,3 m,spool')[0]).toMatch(/^item: “rope” is no cord/);
    expect(faults('buckle-15,,3 m,bag')).toEqual(['amount: “3 m” is no whole number of pieces']);
    expect(faults('satin-2,race,3 kg,drum')).toHaveLength(2);
    expect(read('a,b\n1,2').fault).toMatch(/“item” and “amount” are missing/);
    expect(read('item,amount\n"open,3').fault).toMatch(/quotation mark is not closed/);
    expect(read('item,amount\n').fault).toMatch(/No line/);
  });
});

describe('what stands in for devices', () => {
  it('prints two labels a second, jams, runs out, and prints nothing twice', () => {
    let now = 0;
    const printer = simulatedPrinter(() => now);
    printer.print('Bags', 50);
    now = 5000;
    expect(printer.state()).toMatchObject({ state: 'printing', paper: 50, queue: [{ done: 10 }] });
    now = 60_000;
    expect(printer.state()).toMatchObject({ state: 'jam', paper: 47, queue: [{ done: 13 }] });
    now = 90_000;
    expect(printer.state()).toMatchObject({ state: 'jam', paper: 47 });
    printer.attend();
    now = 120_000;
    expect(printer.state()).toMatchObject({ state: 'ready', paper: 10, queue: [] });
    printer.print('Cuts', 12);
    now = 150_000;
    expect(printer.state()).toMatchObject({ state: 'out-of-paper', queue: [{ done: 10, labels: 12 }] });
    printer.attend();
    now = 160_000;
    expect(printer.state()).toMatchObject({ state: 'ready', paper: 58 });
  });

  it('answers an order with what the supplier has, when it comes, or why not', () => {
    const cords = Object.values(SHIPPED.cords).flatMap(({ slug, colours }) =>
      colours.map((c) => `cord/${slug}/${c.slug}`),
    );
    const out = cords.find((item) => simulatedSupplier.offer(item)!.packs === 0)!;
    expect(simulatedSupplier.order(out, 1, '2030-05-01')).toMatchObject({ ok: false });
    const some = cords.find((item) => simulatedSupplier.offer(item)!.packs > 0)!;
    const { packs, lead_days } = simulatedSupplier.offer(some)!;
    const answer = simulatedSupplier.order(some, packs + 5, '2030-05-01');
    expect(answer).toMatchObject({ ok: true, packs, note: expect.stringContaining('only') as string });
    expect(answer.ok && Date.parse(answer.due_on) - Date.parse('2030-05-01')).toBeGreaterThanOrEqual(
      lead_days * 86_400_000,
    );
    expect(simulatedSupplier.offer('tool/scissors')).toBeNull();
  });
});
