import { describe, expect, it } from 'vitest';
import { outlook, type Need } from '../../src/core/shelf';

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
