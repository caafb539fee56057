import { randomUUID } from 'node:crypto';
import { describe, expect, it } from 'vitest';
import { issueKits, takeBackKits } from '../../../src/app/kits/issue';
import { releaseSession, reserveSession } from '../../../src/app/kits/reserve';
import { deleteSession } from '../../../src/app/session/session';
import { openItem, openLedger, openShelf } from '../../../src/app/shelf/shelf';
import { moveLot, undoMovement } from '../../../src/app/shelf/move-lot';
import { receiveStock } from '../../../src/app/shelf/receive';
import { database } from '../../../src/data/database/connection';
import { inTransaction } from '../../../src/data/database/transaction';
import { freshStudio } from '../support/database';
import { BUCKLE, CORD, expectLedgerTrue, layOut, session, stock } from '../support/shelf';

freshStudio();

describe('the ledger at its edges', () => {
  const issued = async () => {
    const spool = await stock(CORD, 12_000);
    await stock(BUCKLE, 20, 'bag');
    const made = await session('Issued', '2031-05-04', ['Ada', 'Bo']);
    const { session: held } = await reserveSession(
      made.session.id,
      made.session.version,
      randomUUID(),
      await layOut(made),
    );
    return { spool, held };
  };

  it('takes an issue back although one of its movements was undone by hand', async () => {
    const { held } = await issued();
    const { session: out } = await issueKits(held.id, held.version, randomUUID());
    const line = (await openLedger({ session: held.id })).find(
      ({ kind, item }) => kind === 'issue' && item === BUCKLE,
    )!;
    await undoMovement(line.id, randomUUID());
    const { session: back } = await takeBackKits(held.id, out.version, randomUUID());
    expect(back.kits!.issued).toBeNull();
    expect((await openItem(BUCKLE)).lots[0]!.hand).toBe(20);
    expect((await openItem(CORD)).lots[0]!.hand).toBe(12_000);
    await expectLedgerTrue();
  });

  it('reserves nothing for a session that was deleted', async () => {
    const { spool, held } = await issued();
    await deleteSession(held.id, held.version);
    const line = (await openLedger({ lot: spool })).find(({ kind }) => kind === 'release')!;
    await expect(undoMovement(line.id, randomUUID())).rejects.toMatchObject({ status: 410 });
    expect((await openItem(CORD)).lots[0]!.held).toBe(0);
  });

  it('refuses a key that came before with something else', async () => {
    const lot = await stock(CORD, 9000);
    const key = randomUUID();
    const move = (amount: number) => moveLot(lot, { key, kind: 'waste', amount, note: '' });
    await move(100);
    await move(100);
    await expect(move(200)).rejects.toMatchObject({ status: 422, code: 'key-used', more: { pointer: '/key' } });
    expect((await openItem(CORD)).lots[0]!.hand).toBe(8900);
    const { session: made } = await session('Keys', '2031-05-04', ['Ada']);
    await expect(releaseSession(made.id, made.version, key)).rejects.toMatchObject({ code: 'key-used' });
  });

  it('counts what is more than one number can hold, and says where it cannot', async () => {
    const lots = Array.from({ length: 30 }, () => ({
      kind: 'spool' as const,
      amount: 100_000_000,
      place: '',
      tare: null,
    }));
    await receiveStock(randomUUID(), [{ item: CORD, lots, note: '' }]);
    expect((await openShelf()).lines.find(({ doc }) => doc.id === CORD)!.hand).toBe(3_000_000_000);
    const [lot] = (await openItem(CORD)).lots;
    const more = () => moveLot(lot!.id, { key: randomUUID(), kind: 'return', amount: 100_000_000, note: '' });
    for (let i = 0; i < 20; i++) await more();
    await expect(more()).rejects.toMatchObject({ status: 422, code: 'out-of-range' });
  });

  it('does again what the database ended so that another could go on: all get through', async () => {
    const [a, b] = [await stock(CORD, 100_000), await stock('cord/satin-2/race', 100_000)];
    // Two rows taken in either order, on purpose, which no use case does: the database ends one of each pair.
    const touch = (first: string, second: string) =>
      inTransaction(async (t) => {
        await database().query('UPDATE lots SET place = $2 WHERE id = $1', { bind: [first, 'x'], transaction: t });
        await database().query('SELECT pg_sleep(0.01)', { transaction: t });
        await database().query('UPDATE lots SET place = $2 WHERE id = $1', { bind: [second, 'x'], transaction: t });
        return true;
      });
    const all = await Promise.all(Array.from({ length: 6 }, (_, i) => (i % 2 ? touch(a, b) : touch(b, a))));
    expect(all).toEqual(Array(6).fill(true));
  });
});
