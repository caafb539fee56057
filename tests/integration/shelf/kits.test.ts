import { randomUUID } from 'node:crypto';
import { describe, expect, it } from 'vitest';
import { issueKits, takeBackKits, tickKits } from '../../../src/app/kits/issue';
import { returnLeftovers } from '../../../src/app/kits/leftovers';
import { openOutlook } from '../../../src/app/buying/outlook';
import { packingSheet } from '../../../src/app/sheets/packing-sheet';
import { releaseSession, reserveSession } from '../../../src/app/kits/reserve';
import { editSeat } from '../../../src/app/session/edit-seats';
import { deleteSession, openSession, restoreSession, planOf } from '../../../src/app/session/session';
import { sessionStock } from '../../../src/app/kits/session-stock';
import { openItem } from '../../../src/app/shelf/shelf';
import { stagesOf } from '../../../src/core/session';
import { TO_BUY, type Layout } from '../../../src/core/layout';
import { freshStudio } from '../support/database';
import { balance, BUCKLE, CORD, expectLedgerTrue, layOut, move, session, stock, stockNamed } from '../support/shelf';

freshStudio();

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
    const stages = () => stagesOf(planOf(view).seats, null, view.session.kits);
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

  it('takes a bag a seat where the studio counts them out, and says which are missing by name', async () => {
    await stock(CORD, 12_000);
    await stock(BUCKLE, 20, 'bag');
    const bags = await stockNamed('consumable', 'Kit bag', 1, 1);
    // A roll that nobody says how far it goes is not counted.
    await stockNamed('consumable', 'Tissue', 1);
    const made = await session('Bags', '2031-05-04', ['Ada', 'Bo']);
    const view = await reserveSession(made.session.id, made.session.version, randomUUID(), await layOut(made));
    expect((await openItem(bags)).lots[0]).toMatchObject({ hand: 1, held: 1 });
    await expect(issueKits(made.session.id, view.session.version, randomUUID())).rejects.toMatchObject({
      code: 'short',
      message: expect.stringContaining('1 × Kit bag') as string,
    });
    await stockNamed('consumable', 'Kit bag', 30);
    const issued = await issueKits(made.session.id, view.session.version, randomUUID());
    expect(issued.session.kits!.issued!.items[bags]).toBe(2);
    expect((await openItem(bags)).line).toMatchObject({ hand: 29, held: 0 });
    const sheet = await packingSheet(made.session.id);
    expect(sheet.used).toEqual([{ name: 'Kit bag', count: 2 }]);
    expect(sheet.bags.map(({ label, lines }) => [label, lines.length])).toEqual([
      ['Ada', 2],
      ['Bo', 2],
    ]);
    await expectLedgerTrue();
  });

  it('gives what it held back when it is deleted, and is laid out anew when it is brought back', async () => {
    const spool = await stock(CORD, 12_000);
    await stock(BUCKLE, 20, 'bag');
    const made = await session('Called off', '2031-05-04', ['Ada', 'Bo']);
    const { session: held } = await reserveSession(
      made.session.id,
      made.session.version,
      randomUUID(),
      await layOut(made),
    );
    expect((await balance(spool))!.held).toBeGreaterThan(0);
    await expect(deleteSession(held.id, made.session.version)).rejects.toMatchObject({ status: 409 });
    await deleteSession(held.id, held.version);
    expect((await balance(spool))!.held).toBe(0);
    expect((await openItem(BUCKLE)).lots[0]!.held).toBe(0);
    const back = await restoreSession(made.session.id);
    expect(back.session.lanes).toBeNull();
    await expect(issueKits(made.session.id, back.session.version, randomUUID())).rejects.toMatchObject({
      code: 'not-laid-out',
    });
    await expectLedgerTrue();
  });

  it('is issued once by two at the same moment, and what comes back twice under one key is there once', async () => {
    const spool = await stock(CORD, 12_000);
    await stock(BUCKLE, 20, 'bag');
    const made = await session('At once', '2031-05-04', ['Ada']);
    const { session: now } = await reserveSession(
      made.session.id,
      made.session.version,
      randomUUID(),
      await layOut(made),
    );
    const taken = (await balance(spool))!.held;
    const both = await Promise.all([
      issueKits(now.id, now.version, randomUUID()),
      issueKits(now.id, now.version, randomUUID()),
    ]);
    expect(both.map((view) => view.session.kits!.issued!.items[CORD])).toEqual([taken, taken]);
    expect((await balance(spool))!.hand).toBe(12_000 - taken);
    const key = randomUUID();
    for (let sent = 0; sent < 2; sent++)
      await returnLeftovers(now.id, key, [
        { item: CORD, amounts: [500] },
        { item: BUCKLE, amounts: [1] },
      ]);
    expect((await openItem(CORD)).line.hand).toBe(12_000 - taken + 500);
    expect((await openItem(BUCKLE)).line.hand).toBe(20 - 2 + 1);
    // Once something has come back, the issue is not taken back any more.
    const view = await openSession(now.id);
    await expect(takeBackKits(now.id, view.session.version, randomUUID())).rejects.toMatchObject({ code: 'returned' });
    await expectLedgerTrue();
  });

  it('keeps its ticks, and tells the second of two who tick at once', async () => {
    const made = await session('Ticks', '2031-05-04', ['Ada']);
    const { id, version } = made.session;
    const [seat] = made.seats;
    const view = await tickKits(id, version, [`${seat!.id}/card`]);
    expect(view.session.kits).toEqual({ ticks: [`${seat!.id}/card`], issued: null });
    await expect(tickKits(id, version, [])).rejects.toMatchObject({ status: 409 });
    // The same ticks sent again, its answer lost, is no conflict.
    expect((await tickKits(id, version, [`${seat!.id}/card`])).session.version).toBe(view.session.version);
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
