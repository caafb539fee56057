import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { levelsOf, outlook, type Need } from '../../../src/core/shelf';

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
      [need('2030-05-08', [300, 1200]), need('2030-05-01', [1800, 1900])],
      [],
      buying,
    );
    // First the 1st of May: 1,900 from the 2,000 (the shortest that takes it), 1,800 from the 3,000. Left: 100 and 1,200, which
    // is taken whole.
    expect(found.lines.map((line) => [line.on, line.there, line.short])).toEqual([
      ['2030-05-01', 3700, 0],
      ['2030-05-08', 1200, 300],
    ]);
    expect(found).toMatchObject({ short_on: '2030-05-08', short: 300, packs: 1, cost: 700, order_by: '2030-05-04' });
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

  it('says no cost where a price or a pack is not known', () => {
    const of = (known: Partial<Record<'pack' | 'price' | 'lead_days', number | null>>) =>
      outlook({ free: 0, lengths: [] }, [need('2030-05-01', [9000])], [], { ...buying, ...known });
    expect(of({})).toMatchObject({ packs: 1, cost: 700, order_by: '2030-04-27' });
    expect(of({ price: null })).toMatchObject({ packs: 1, cost: null });
    expect(of({ pack: null })).toMatchObject({ packs: null, cost: null });
    expect(of({ lead_days: null })).toMatchObject({ packs: 1, order_by: null, short_on: '2030-05-01' });
  });

  it('of tools is what the fullest session lacks, since they come back', () => {
    const rooms = [need('2030-05-01', [], { amount: 5 }), need('2030-05-02', [], { amount: 9 })];
    const of = (comesBack: boolean) => outlook({ free: 6, lengths: [], comesBack }, rooms, [], { ...buying, pack: 1 });
    expect(of(true)).toMatchObject({ short: 3, packs: 3, short_on: '2030-05-02' });
    expect(of(true).lines.map((line) => line.short)).toEqual([0, 3]);
    // Used up, the second day would find one.
    expect(of(false)).toMatchObject({ short: 8, packs: 8 });
  });

  it('never says less is missing than there is too little of, nor more than is needed', () => {
    const length = fc.integer({ min: 100, max: 6000 });
    const day = fc.integer({ min: 1, max: 28 }).map((n) => `2030-05-${String(n).padStart(2, '0')}`);
    fc.assert(
      fc.property(
        fc.array(length, { maxLength: 8 }),
        fc.array(fc.tuple(day, fc.array(length, { minLength: 1, maxLength: 5 })), { minLength: 1, maxLength: 6 }),
        (pieces, sessions) => {
          const needs = sessions.map(([on, lengths]) => need(on, lengths));
          const free = pieces.reduce((a, b) => a + b, 0);
          const wanted = needs.reduce((sum, one) => sum + one.amount, 0);
          const found = outlook({ free, lengths: pieces }, needs, [], buying);
          expect(found.short).toBeGreaterThanOrEqual(wanted - free);
          expect(found.short).toBeLessThanOrEqual(wanted);
          // Every missing length is one of those asked for, and each line adds up.
          for (const line of found.lines) expect(line.there + line.short).toBe(line.amount);
          expect(found.lines.reduce((sum, line) => sum + line.short, 0)).toBe(found.short);
          expect(found.packs! * buying.pack).toBeGreaterThanOrEqual(found.short);
          // An earlier day is never worse off for what comes after it.
          const [first] = [...needs].sort((a, b) => a.on.localeCompare(b.on));
          const alone = outlook({ free, lengths: pieces }, [first!], [], buying);
          expect(found.lines[0]!.short).toBe(alone.short);
        },
      ),
      { numRuns: 200 },
    );
  });
});

describe('levels over the days ahead', () => {
  it('fall with each session, rise with each delivery of its day first, and go below nothing', () => {
    const { lines } = outlook(
      { free: 5000, lengths: [5000] },
      [need('2030-05-03', [4000]), need('2030-05-08', [3000])],
      [],
      buying,
    );
    const coming = [{ due: '2030-05-08', amount: 1000, pack: 1000 }];
    expect(levelsOf(5000, lines, coming)).toEqual([
      { on: '2030-05-03', by: '2030-05-03', level: 1000 },
      { on: '2030-05-08', by: null, level: 2000 },
      { on: '2030-05-08', by: '2030-05-08', level: -1000 },
    ]);
    expect(levelsOf(5000, [], [])).toEqual([]);
  });
});
