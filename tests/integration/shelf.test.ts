import { fork } from 'node:child_process';
import { randomUUID } from 'node:crypto';
import { describe, expect, it } from 'vitest';
import { issueKits, takeBackKits } from '../../src/app/issue';
import { returnLeftovers } from '../../src/app/leftovers';
import { releaseSession, reserveSession } from '../../src/app/reserve';
import { sessionStock } from '../../src/app/session-stock';
import { planColours } from '../../src/app/colours';
import { replacements } from '../../src/app/instead';
import { placeOrder, receiveOrder } from '../../src/app/orders';
import { openOutlook } from '../../src/app/outlook';
import { addSeats, editSeat } from '../../src/app/seats';
import { createSession, openSession, stageSeats, type SessionView } from '../../src/app/session';
import { moveLot, openItem, openLedger, openShelf, receiveStock, undoMovement } from '../../src/app/shelf';
import { readStock } from '../../src/app/stock-list';
import { cutsByItem, lanesProblem, stagesOf, TO_BUY, type Layout } from '../../src/core/session';
import { solveLanes } from '../../src/core/lanes';
import { database } from '../../src/data/connection';
import { freshStudio } from './database';

freshStudio();

const CORD = 'cord/sheathed-4/race';
const BUCKLE = 'hardware/buckle-15';

/** One lot with so much in it; answers its id. */
async function stock(item: string, amount: number, kind: 'spool' | 'pack' | 'bag' = 'spool'): Promise<string> {
  await receiveStock(randomUUID(), [{ item, lots: [{ kind, amount, place: 'Shelf 1', tare: null }], note: '' }]);
  const { lots } = await openItem(item);
  return lots.reduce((a, b) => (a.number > b.number ? a : b)).id;
}
const balance = async (lot: string, item = CORD) => (await openItem(item)).lots.find(({ id }) => id === lot);
const move = (lot: string, kind: 'issue' | 'waste' | 'return' | 'count', amount: number, key = randomUUID()) =>
  moveLot(lot, { key, kind, amount, note: '' });

/** Every balance and hold against the sums of its movements, and against its limits. */
async function expectLedgerTrue(): Promise<void> {
  const [faults] = await database().query(`
    SELECT l.id FROM lots l LEFT JOIN movements m ON m.lot = l.id GROUP BY l.id
    HAVING l.hand <> coalesce(sum(m.hand), 0) OR l.held <> coalesce(sum(m.held), 0) OR l.hand < 0 OR l.held < 0 OR l.held > l.hand
    UNION ALL
    SELECT h.lot FROM holds h LEFT JOIN movements m ON m.lot = h.lot AND m.session_id = h.session_id
    GROUP BY h.session_id, h.lot HAVING h.held <> coalesce(sum(m.held), 0) OR h.held < 0`);
  expect(faults).toEqual([]);
}

async function session(title: string, on: string, names: string[]): Promise<SessionView> {
  const id = randomUUID();
  await createSession(id, { title, held_on: on });
  return addSeats(
    id,
    names.map((name) => ({
      id: randomUUID(),
      name,
      wrist_mm: 165,
      wrist_method: 'tape' as const,
      project: 'band-buckle',
      cords: { whole: { cord: 'sheathed-4', colours: ['race'] } },
    })),
  );
}

/** The session's cuts laid out on what the shelf has, with packs to buy where it has too little. */
async function layOut(view: SessionView, pack: number | null = 30_000): Promise<Layout> {
  const { lots } = await sessionStock(view.session.id);
  const { figures } = view.studio.settings;
  return [...cutsByItem(stageSeats(view.seats, view.session, view.studio))].map(([item, cuts]) => {
    const mm = new Map(cuts.map((cut) => [cut.id, cut.mm]));
    const options = { seconds: 1, now: () => performance.now() };
    let plan = solveLanes(lanesProblem(cuts, lots[item]!, figures), options);
    if (plan.unplaced.length > 0) plan = solveLanes(lanesProblem(cuts, lots[item]!, figures, pack), options);
    return {
      item,
      bound_mm: plan.fresh_bound_mm,
      lanes: plan.lanes.map((lane) => ({
        stock: lane.stock,
        length_mm: lots[item]!.find((lot) => lot.id === lane.stock)?.mm ?? pack!,
        cuts: lane.cuts.map((id) => ({ id, mm: mm.get(id)! })),
        locked: [],
      })),
    };
  });
}

describe('the ledger', () => {
  it('is sums of movements that nobody edits', async () => {
    const lot = await stock(CORD, 30_000);
    await move(lot, 'waste', 500);
    await move(lot, 'count', 29_000);
    await move(lot, 'return', 250);
    // 30,000 − 500, counted as 29,000, + 250.
    expect(await balance(lot)).toMatchObject({ hand: 29_250, held: 0, fresh: false });
    expect((await openLedger({ lot })).map(({ kind, hand }) => [kind, hand])).toEqual([
      ['return', 250],
      ['count', -500],
      ['waste', -500],
      ['receive', 30_000],
    ]);
    await expectLedgerTrue();
    await expect(database().query("UPDATE movements SET hand = 1 WHERE kind = 'receive'")).rejects.toThrow(
      /not edited/,
    );
    await expect(database().query('DELETE FROM movements')).rejects.toThrow(/not edited/);
    await expect(database().query('UPDATE lots SET hand = 99')).rejects.toThrow(/by a movement alone/);
  });

  it('is undone by a counter-entry, once, and not when it is used up meanwhile', async () => {
    const lot = await stock(CORD, 1000);
    await move(lot, 'waste', 400);
    const [waste] = await openLedger({ lot });
    const key = randomUUID();
    await undoMovement(waste!.id, key);
    await undoMovement(waste!.id, key);
    expect((await balance(lot))!.hand).toBe(1000);
    await expect(undoMovement(waste!.id, randomUUID())).rejects.toMatchObject({ code: 'undone' });
    const [undo, , receive] = await openLedger({ lot });
    expect(undo).toMatchObject({ kind: 'undo', hand: 400, undoes: waste!.id });
    await expect(undoMovement(undo!.id, randomUUID())).rejects.toMatchObject({ code: 'undo' });
    await move(lot, 'waste', 1);
    await expect(undoMovement(receive!.id, randomUUID())).rejects.toMatchObject({ code: 'not-enough' });
    await expectLedgerTrue();
  });

  it('books what is sent twice once', async () => {
    const key = randomUUID();
    const receipt = {
      item: BUCKLE,
      lots: [{ kind: 'bag' as const, amount: 20, place: '', tare: null }],
      note: '',
    };
    await receiveStock(key, [receipt]);
    await receiveStock(key, [receipt]);
    const { lots } = await openItem(BUCKLE);
    expect(lots.map(({ hand }) => hand)).toEqual([20]);
    const twice = randomUUID();
    await move(lots[0]!.id, 'waste', 3, twice);
    await move(lots[0]!.id, 'waste', 3, twice);
    expect((await openItem(BUCKLE)).lots[0]!.hand).toBe(17);
  });

  it('gives the last metre to one of two, and tells the other', async () => {
    const lot = await stock(CORD, 1000);
    const both = await Promise.allSettled([move(lot, 'issue', 1000), move(lot, 'issue', 1000)]);
    expect(both.map(({ status }) => status).sort()).toEqual(['fulfilled', 'rejected']);
    const refused = both.find((one) => one.status === 'rejected') as PromiseRejectedResult;
    expect(refused.reason).toMatchObject({ status: 409, code: 'not-enough' });
    await expectLedgerTrue();
  });

  it('holds under forty writers at once', async () => {
    const lots = await Promise.all([stock(CORD, 5000), stock(CORD, 5000), stock(BUCKLE, 60, 'bag')]);
    const start = 5000 + 5000 + 60;
    let net = 0;
    await Promise.all(
      Array.from({ length: 40 }, async (_, writer) => {
        for (let i = 0; i < 6; i++) {
          const lot = lots[(writer + i) % 3]!;
          const kind = (['issue', 'waste', 'return', 'issue'] as const)[(writer + i) % 4]!;
          const amount = 1 + ((writer * 7 + i * 13) % 400);
          // A writer whose connection had to wait too long tries again, with the same key.
          const key = randomUUID();
          for (let tries = 0; tries < 20; tries++) {
            try {
              await move(lot, kind, amount, key);
              net += kind === 'return' ? amount : -amount;
              break;
            } catch (error) {
              const { code } = error as { code: string };
              expect(['not-enough', 'database-away', 'at-once']).toContain(code);
              if (code === 'not-enough') break;
            }
          }
        }
      }),
    );
    await expectLedgerTrue();
    const [rows] = await database().query('SELECT sum(hand)::int AS hand FROM lots');
    expect(rows).toEqual([{ hand: start + net }]);
  });

  it('loses and doubles nothing when writers are killed at random moments', async () => {
    const lot = await stock(CORD, 10_000);
    for (let round = 0; round < 4; round++) {
      const worker = fork(new URL('./shelf-worker.ts', import.meta.url).pathname, [lot], {
        execArgv: ['--import', 'tsx'],
        env: process.env,
        stdio: 'ignore',
      });
      await new Promise((moved) => worker.once('message', moved));
      await new Promise((later) => setTimeout(later, 15 + ((round * 97) % 140)));
      worker.kill('SIGKILL');
      await new Promise((gone) => worker.once('exit', gone));
    }
    await expectLedgerTrue();
    const lines = await openLedger({ lot });
    expect(lines.filter(({ note }) => note === 'worker').length).toBeGreaterThan(0);
    // It takes seven and gives seven back: all or seven less, never anything else.
    expect([10_000, 10_000 - 7, 10_000 - 14, 10_000 - 21, 10_000 - 28]).toContain((await balance(lot))!.hand);
  });
});

describe('a session and the shelf', () => {
  it('is reserved, issued, returned, and gives its place to the next', async () => {
    const spool = await stock(CORD, 12_000);
    await stock(BUCKLE, 20, 'bag');
    const first = await session('First', '2031-05-04', ['Ada', 'Bo']);
    const second = await session('Second', '2031-05-11', ['Cy', 'Di']);
    const layout = await layOut(first);
    const [{ lanes }] = layout as [Layout[number]];
    const { cut_loss } = first.studio.settings.figures;
    const taken = lanes[0]!.cuts.reduce((sum, cut) => sum + cut.mm + cut_loss, 0);

    let view = await reserveSession(first.session.id, first.session.version, randomUUID(), layout);
    expect(await balance(spool)).toMatchObject({ hand: 12_000, held: taken });
    // Reserved again: in place of what was, not on top of it.
    view = await reserveSession(first.session.id, view.session.version, randomUUID(), layout);
    expect(await balance(spool)).toMatchObject({ hand: 12_000, held: taken });
    // Nobody else can have it: what is free is the rest.
    await expect(move(spool, 'waste', 12_000 - taken + 1)).rejects.toMatchObject({ code: 'not-enough' });
    expect((await sessionStock(second.session.id)).lots[CORD]![0]!.mm).toBe(12_000 - taken);
    // The hardware too: two buckles and one spare by rule.
    expect((await openItem(BUCKLE)).lots[0]).toMatchObject({ hand: 20, held: 3 });

    const before = (await openOutlook()).items.find(({ item }) => item === CORD)!;
    expect(before.lines.map(({ title, short }) => [title, short])).toEqual([
      ['First', 0],
      ['Second', 0],
    ]);

    const key = randomUUID();
    view = await issueKits(first.session.id, view.session.version, key);
    expect(await balance(spool)).toMatchObject({ hand: 12_000 - taken, held: 0 });
    expect((await openItem(BUCKLE)).lots[0]).toMatchObject({ hand: 17, held: 0 });
    const stages = () => stagesOf(stageSeats(view.seats, view.session, view.studio), null, view.session.kits);
    expect(stages().find(({ stage }) => stage === 'kit')!.line).toBe('2 kits issued.');
    // Sent again, it is not issued twice.
    await issueKits(first.session.id, view.session.version, key);
    expect((await balance(spool))!.hand).toBe(12_000 - taken);

    await returnLeftovers(first.session.id, randomUUID(), [
      { item: CORD, amounts: [420, 350] },
      { item: BUCKLE, amounts: [1] },
    ]);
    expect((await openItem(CORD)).lots.filter(({ kind }) => kind === 'offcut').map(({ hand }) => hand)).toEqual([
      420, 350,
    ]);
    expect((await openItem(BUCKLE)).lots[0]!.hand).toBe(18);
    await expect(
      returnLeftovers(first.session.id, randomUUID(), [{ item: CORD, amounts: [taken] }]),
    ).rejects.toMatchObject({ code: 'too-much' });
    await expect(
      returnLeftovers(first.session.id, randomUUID(), [{ item: CORD, amounts: [40] }]),
    ).rejects.toMatchObject({ code: 'scrap' });
    const after = (await openOutlook()).items.find(({ item }) => item === CORD)!;
    expect(after.lines.map(({ title }) => title)).toEqual(['Second']);
    await expectLedgerTrue();
  });

  it('takes an issue back whole: what was reserved is reserved again', async () => {
    const spool = await stock(CORD, 12_000);
    await stock(BUCKLE, 20, 'bag');
    const made = await session('Back', '2031-05-04', ['Ada']);
    let view = await reserveSession(made.session.id, made.session.version, randomUUID(), await layOut(made));
    const held = (await balance(spool))!.held;
    await move(spool, 'count', held + 100);
    view = await issueKits(made.session.id, view.session.version, randomUUID());
    view = await takeBackKits(made.session.id, view.session.version, randomUUID());
    // Its remnant of 100 mm was scrap, and is there again too.
    expect(await balance(spool)).toMatchObject({ hand: held + 100, held });
    expect(view.session.kits).toMatchObject({ issued: null });
    view = await issueKits(made.session.id, view.session.version, randomUUID());
    expect(await balance(spool)).toBeUndefined();
    // All that is out can come back, and no more, though it is written in two lines.
    const back = (amounts: number[][]) =>
      returnLeftovers(
        made.session.id,
        randomUUID(),
        amounts.map((one) => ({ item: CORD, amounts: one })),
      );
    await expect(back([[held], [400]])).rejects.toMatchObject({ code: 'too-much' });
    await back([[held]]);
    await expectLedgerTrue();
  });

  it('is not issued by halves: too little hardware, a cut that changed, cord to buy', async () => {
    const spool = await stock(CORD, 12_000);
    const made = await session('Short', '2031-05-04', ['Ada', 'Bo']);
    let view = await reserveSession(made.session.id, made.session.version, randomUUID(), await layOut(made));
    const held = (await balance(spool))!.held;
    await expect(issueKits(made.session.id, view.session.version, randomUUID())).rejects.toMatchObject({
      code: 'short',
      message: expect.stringContaining('3 × Buckle 15 mm') as string,
    });
    expect(await balance(spool)).toMatchObject({ hand: 12_000, held });

    await stock(BUCKLE, 20, 'bag');
    const [seat] = view.seats;
    await editSeat(seat!.id, {
      version: seat!.version,
      person_version: seat!.person_version,
      changes: { wrist_mm: 190 },
    });
    await expect(issueKits(made.session.id, view.session.version, randomUUID())).rejects.toMatchObject({
      code: 'stale',
      message: expect.stringMatching(/Ada was laid out at \d+ mm and now needs \d+ mm/) as string,
    });
    view = await openSession(made.session.id);
    view = await releaseSession(made.session.id, view.session.version, randomUUID());
    expect((await balance(spool))!.held).toBe(0);

    await move(spool, 'count', 2000);
    const buying = await layOut(view);
    expect(buying[0]!.lanes.some((lane) => lane.stock === TO_BUY)).toBe(true);
    view = await reserveSession(made.session.id, view.session.version, randomUUID(), buying);
    await expect(issueKits(made.session.id, view.session.version, randomUUID())).rejects.toMatchObject({
      code: 'to-buy',
    });
    await expectLedgerTrue();
  });

  it('reserves no metre twice when two sessions ask at once', async () => {
    const spool = await stock(CORD, 6000);
    await stock(BUCKLE, 20, 'bag');
    const sessions = await Promise.all([
      session('One', '2031-05-04', ['Ada', 'Bo']),
      session('Two', '2031-05-05', ['Cy', 'Di']),
    ]);
    const layouts = await Promise.all(sessions.map((view) => layOut(view)));
    const both = await Promise.allSettled(
      sessions.map(({ session: { id, version } }, i) => reserveSession(id, version, randomUUID(), layouts[i]!)),
    );
    expect(both.map(({ status }) => status).sort()).toEqual(['fulfilled', 'rejected']);
    expect((await balance(spool))!.held).toBeLessThanOrEqual(6000);
    await expectLedgerTrue();
  });
});

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

describe('a list of stock', () => {
  it('counts lots by their numbers, in their own unit', async () => {
    await stock(CORD, 9000);
    await stock(BUCKLE, 12, 'bag');
    const [cord, bag] = [(await openItem(CORD)).lots[0]!, (await openItem(BUCKLE)).lots[0]!];
    const rows = await readStock(`Lot;Left\n${cord.number};8,5 m\n${bag.number};11\n${bag.number};3 m\n99999;4`, true);
    expect(rows.map((row) => [row.counted?.id ?? null, row.amount, row.faults.map((fault) => fault.problem)])).toEqual([
      [cord.id, 8500, []],
      [bag.id, 11, []],
      [bag.id, 3000, [`lot ${bag.number} is on line 3 already`, 'this lot is counted in pieces']],
      [null, 4, ['there is no lot 99999']],
    ]);
  });
});
