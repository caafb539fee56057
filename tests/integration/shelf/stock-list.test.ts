import { describe, expect, it } from 'vitest';
import { openItem } from '../../../src/app/shelf/shelf';
import { readStock } from '../../../src/app/shelf/stock-list';
import { freshStudio } from '../support/database';
import { BUCKLE, CORD, stock } from '../support/shelf';

freshStudio();

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
