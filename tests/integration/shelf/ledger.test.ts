import { fork } from 'node:child_process';
import { randomUUID } from 'node:crypto';
import { describe, expect, it } from 'vitest';
import { editItem, openItem, openLedger } from '../../../src/app/shelf/shelf';
import { receiveStock } from '../../../src/app/shelf/receive';
import { relabelLot, undoMovement } from '../../../src/app/shelf/move-lot';
import { LEDGER_PAGE } from '../../../src/core/shelf';
import { database } from '../../../src/data/database/connection';
import { freshStudio } from '../support/database';
import { balance, BUCKLE, CORD, expectLedgerTrue, move, stock } from '../support/shelf';

freshStudio();

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

  it('is read page by page, newest first, with no line twice and none left out', async () => {
    const lot = await stock(CORD, 10_000);
    for (let i = 0; i < LEDGER_PAGE + 12; i++) await move(lot, 'waste', 1);
    const first = await openLedger({ lot });
    const second = await openLedger({ lot, before: first.at(-1)!.id });
    expect([first.length, second.length]).toEqual([LEDGER_PAGE, 13]);
    const ids = [...first, ...second].map(({ id }) => Number(id));
    expect(ids).toEqual([...new Set(ids)].sort((a, b) => b - a));
    expect(second.at(-1)!.kind).toBe('receive');
  });

  it('knows new things by a name, the catalogue’s by theirs, and nothing else', async () => {
    const receive = (item: string, name?: string) =>
      receiveStock(randomUUID(), [{ item, name, lots: [{ kind: 'bag', amount: 3, place: '', tare: null }], note: '' }]);
    await expect(receive('tool/awl')).rejects.toMatchObject({ code: 'unknown', more: { pointer: '/item' } });
    await expect(receive('hardware/anvil', 'Anvil')).rejects.toMatchObject({ code: 'unknown' });
    await receive('tool/awl', 'Awl');
    await receive('tool/awl', 'Another name');
    expect((await openItem('tool/awl')).line).toMatchObject({ doc: { name: 'Awl' }, hand: 6 });
    await receive(BUCKLE, 'My own word');
    expect((await openItem(BUCKLE)).line.doc.name).toBe('Buckle 15 mm');
  });

  it('keeps what is written on an item and a lot, and tells the second of two who change it', async () => {
    const lot = await stock(CORD, 10_000);
    await relabelLot(lot, { version: 1, place: 'Loft', tare: 48 });
    // Sent again, its answer lost, it is no conflict; somebody else's other word is.
    await relabelLot(lot, { version: 1, place: 'Loft', tare: 48 });
    await expect(relabelLot(lot, { version: 1, place: 'Cellar', tare: 48 })).rejects.toMatchObject({ status: 409 });
    expect(await balance(lot)).toMatchObject({ place: 'Loft', tare: 48, hand: 10_000 });
    const { line } = await openItem(CORD);
    await editItem({ ...line.doc, price: 900 }, line.version);
    await expect(editItem({ ...line.doc, price: 700 }, line.version)).rejects.toMatchObject({ status: 409 });
    expect((await openItem(CORD)).line.doc.price).toBe(900);
    await expect(relabelLot(randomUUID(), { version: 1, place: '', tare: null })).rejects.toMatchObject({
      status: 404,
    });
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
      const worker = fork(new URL('../support/ledger-worker', import.meta.url).pathname, [lot], {
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
