import { describe, expect, it } from 'vitest';
import type { FigureShown } from '../../../src/app/records/open-records';
import { standingOf, valueWords } from '../../../src/islands/records/figure-words';
import { leftByItem } from '../../../src/islands/session/wrap/left-by-item';
import { leftWords, readFinished, readFits, readLeft } from '../../../src/islands/session/wrap/read-left';
import { binned } from '../../../src/ui/chart/binned';
import { planSession } from '../../../src/core/session';
import { exampleView, seatRecord } from '../examples/view';

describe('what was left, as it is written', () => {
  it.each([
    ['12; 9', 'cm', [120, 90]],
    ['12+9', 'cm', [120, 90]],
    ['12,5; 9', 'cm', [125, 90]],
    ['95 mm', 'cm', [95]],
    ['4 1/2; 3', 'in', [114, 76]],
    // Nothing left is something to say.
    ['0', 'cm', [0]],
    ['0; 3.5', 'cm', [0, 35]],
    ['0,0 cm', 'cm', [0]],
    ['0"', 'in', [0]],
  ] as const)('%s in %s', (text, units, mm) => {
    expect(readLeft(text, units)).toEqual({ left: { mm } });
  });
  it('may have run short, and where; or be taken back', () => {
    expect(readLeft('short at 22', 'cm')).toEqual({ left: { short: true, at: '22' } });
    expect(readLeft('s 14 cm', 'cm')).toEqual({ left: { short: true, at: '14 cm' } });
    expect(readLeft('Ran short', 'cm')).toEqual({ left: { short: true, at: '' } });
    expect(readLeft('  ', 'cm')).toEqual({ left: null });
  });
  it('says what cannot be read, and what would do', () => {
    for (const text of ['a bit', '12; much', '-3', 'shorter'])
      expect(readLeft(text, 'cm')).toMatchObject({ problem: expect.stringContaining('short at 22') as string });
  });
  it('is read again as it is shown, in either unit', () => {
    for (const units of ['cm', 'in'] as const)
      for (const left of [
        { mm: [120, 0] },
        { mm: [351] },
        { short: true as const, at: '22' },
        { short: true as const, at: '' },
      ]) {
        const again = readLeft(leftWords(left, units), units);
        if (left.mm)
          for (const [i, mm] of left.mm.entries())
            expect(Math.abs((again as { left: { mm: number[] } }).left.mm[i]! - mm)).toBeLessThanOrEqual(2);
        else expect(again).toEqual({ left });
      }
    expect(leftWords(null, 'cm')).toBe('');
  });
  it('how it fits and was finished by a letter', () => {
    expect(['t', 'Ri', 'loose', '', 'x'].map(readFits)).toEqual(['tight', 'right', 'loose', null, undefined]);
    expect(['f', 'g', 'w', 'h', 'at', 'no', '', 'q'].map(readFinished)).toEqual([
      'flame',
      'glue',
      'woven back',
      'at home',
      'at home',
      'not finished',
      null,
      undefined,
    ]);
  });
});

it('ends are put together by the cord they are of, longest first: those to keep, and scrap', () => {
  const view = exampleView();
  const seats = ['Ada', 'Bo'].map((name, position) => seatRecord({ name, position }));
  const { seats: planned } = planSession({ ...view, seats });
  const noted = Object.fromEntries(
    seats.map(({ id }, i) => [id, { said: { left: { 0: { mm: i ? [310, 0] : [90, 400] } } }, minutes: null }]),
  );
  expect([...leftByItem(planned, noted, 300)]).toEqual([['cord/sheathed-4/race', { keep: [400, 310], scrap: [90] }]]);
  const short = { [seats[0]!.id]: { said: { left: { 0: { short: true as const, at: '' } } }, minutes: null } };
  expect(leftByItem(planned, short, 300).size).toBe(0);
});

describe('how a figure stands to its records', () => {
  const figure = (now: number, changes: Partial<FigureShown> = {}): FigureShown => ({
    key: 'figure/draw_new',
    kind: 'draw',
    start: 1.18,
    value: 1.24,
    low: 1.2,
    high: 1.28,
    doubt: 0.02,
    records: 9,
    makers: 4,
    measure: 'mm',
    label: 'Draw',
    group: 'Draw',
    unit: '×',
    source: '',
    now: { value: now, doubt: 0, records: 0 },
    last: null,
    ...changes,
  });
  it('is in force, may both be, differs, or was kept as it is', () => {
    expect([1.24, 1.21, 1.18].map((now) => standingOf(figure(now)))).toEqual(['in force', 'agrees', 'differs']);
    const last = { how: 'kept' as const, undone: false } as FigureShown['last'];
    expect(standingOf(figure(1.18, { last }))).toBe('kept');
    expect(standingOf(figure(1.18, { last: { ...last!, undone: true } }))).toBe('differs');
  });
  it('is written to as many places as it can be told apart by', () => {
    expect([1.0371, 14.17, 119.6].map(valueWords)).toEqual(['1.037', '14.2', '120']);
  });
});

it('numbers are counted into bars of one round width, none left out', () => {
  const values = [3, 4.9, 5, 12, 47, 47.5];
  const bars = binned(values);
  expect(bars.reduce((sum, [, n]) => sum + n, 0)).toBe(values.length);
  const widths = bars.slice(1).map(([from], i) => from - bars[i]![0]);
  expect(new Set(widths)).toEqual(new Set([5]));
  expect(bars[0]).toEqual([0, 2]);
  expect(bars.at(-1)).toEqual([45, 2]);
  expect(binned([7, 7, 7])).toHaveLength(1);
  expect(binned([])).toEqual([]);
});
