import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  benchOf,
  entriesForSeat,
  mayUndo,
  OWN_PAGE,
  seatAtWork,
  withinCourse,
  type ProgressEntry,
} from '../../../src/core/bench';
import { said } from './said';

const bench = (...entries: ProgressEntry[]) => benchOf(entries, () => 0);

describe('an undo', () => {
  it('counts for its own seat alone, and from a seat’s own page for what that page entered', () => {
    const begin = said(0, null, 'begin');
    const counted = said(1, 'ada', 'made', 5);
    const own = { ...said(2, 'ada', 'made', 1), by: OWN_PAGE };
    const undo = (seat: string | null, key: string, by: string) => ({ ...said(3, seat, 'undo', key), by });
    expect(bench(begin, undo('ada', begin.key, OWN_PAGE)).began).not.toBeNull();
    expect(bench(begin, undo(null, begin.key, 'desk')).began).toBeNull();
    const madeAfter = (...more: ProgressEntry[]) => seatAtWork(bench(counted, own, ...more), 'ada').made;
    expect(madeAfter(undo('ada', counted.key, OWN_PAGE))).toBe(6);
    expect(madeAfter(undo('ada', counted.key, 'desk'))).toBe(1);
    expect(madeAfter(undo('ada', own.key, OWN_PAGE))).toBe(5);
    expect(madeAfter(undo('bo', counted.key, 'desk'))).toBe(6);
    expect(mayUndo({ seat: null, by: OWN_PAGE }, { seat: null, by: 'desk' })).toBe(false);
  });
});

describe('what a seat’s page is sent', () => {
  const entry = fc.record({
    what: fc.constantFrom<ProgressEntry['what']>('made', 'made', 'made', 'step', 'help', 'helped', 'ready', 'undo'),
    by: fc.constantFrom(OWN_PAGE, 'desk'),
    value: fc.integer({ min: 1, max: 4 }),
    of: fc.nat(400),
  });
  it('comes to the same as all of it, with no key of anybody else’s', () => {
    fc.assert(
      fc.property(fc.array(entry, { maxLength: 500 }), (made) => {
        const all: ProgressEntry[] = [said(0, null, 'begin')];
        for (const { what, by, value, of } of made) {
          const target = all[1 + (of % Math.max(1, all.length - 1))];
          if (what === 'undo' && !target) continue;
          const given = { made: value, step: `step ${value}`, undo: target?.key ?? '' }[what as string] ?? null;
          all.push({ ...said(all.length, 'ada', what, given), by });
        }
        const sent = entriesForSeat(all);
        const whole = seatAtWork(bench(...all), 'ada');
        const small = seatAtWork(bench(...sent), 'ada');
        for (const field of ['made', 'step', 'help', 'ready', 'done', 'here'] as const)
          expect([field, small[field]]).toEqual([field, whole[field]]);
        const foreign = new Set(all.filter(({ by }) => by !== OWN_PAGE).map(({ key }) => key));
        expect(sent.filter(({ key }) => foreign.has(key))).toEqual([]);
        expect(sent.length).toBeLessThanOrEqual(320);
      }),
      { numRuns: 60 },
    );
  });
});

describe('counts within a piece', () => {
  it('never leave it, however they are sent, and keep what is within', () => {
    fc.assert(
      fc.property(fc.array(fc.integer({ min: -30, max: 30 }), { maxLength: 60 }), fc.nat(40), (values, ties) => {
        let made = 0;
        const sent = values.map((value) => ({ seat: 's', what: 'made' as const, value }));
        for (const { value } of withinCourse(
          sent,
          () => 0,
          () => ties,
        )) {
          expect(value).not.toBe(0);
          made += Number(value);
          expect(made).toBeGreaterThanOrEqual(0);
          expect(made).toBeLessThanOrEqual(ties);
        }
        const plain = values.reduce((sum, value) => Math.min(ties, Math.max(0, sum + value)), 0);
        expect(made).toBe(plain);
      }),
    );
    expect(
      withinCourse(
        [{ seat: 's', what: 'help', value: null }],
        () => 0,
        () => 0,
      ),
    ).toHaveLength(1);
  });
});
