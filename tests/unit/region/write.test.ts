import { describe, expect, it } from 'vitest';
import {
  FIRST_REGION,
  readNumber,
  readWhen,
  regionOf,
  REGIONS,
  writeDay,
  writeMoney,
  writeNumber,
  writeTime,
  type DayForm,
} from '../../../src/core/region';

const FORMS: readonly DayForm[] = ['short', 'day', 'long', 'year', 'dated', 'full'];
const YEARLY: readonly DayForm[] = ['year', 'dated', 'full'];

it('a studio that chose nothing writes as interface and paper have it', () => {
  const first = regionOf(FIRST_REGION);
  expect(FORMS.map((form) => writeDay('2026-12-01', form, first))).toEqual([
    '1 Dec',
    'Tue 1 Dec',
    expect.stringMatching(/^Tuesday,? 1 December$/),
    '1 Dec 2026',
    'Tue 1 Dec 2026',
    expect.stringMatching(/^Tuesday,? 1 December 2026$/),
  ]);
  expect(writeTime('18:30', first)).toBe('18:30');
  // Nobody has said in which currency.
  expect(writeMoney(420, first)).toBe('4.20');
});

it('each region writes as its people do', () => {
  const [german, american, finnish] = [regionOf('de-DE', 'EUR'), regionOf('en-US', 'USD'), regionOf('fi-FI', 'EUR')];
  expect(writeDay('2026-12-01', 'full', german)).toBe('Dienstag, 1. Dezember 2026');
  expect([writeNumber(12_345.678, german, 1), writeMoney(123_450, german)]).toEqual(['12.345,7', '1.234,50 €']);
  expect([writeTime('00:05', american), writeTime('12:00', american), writeTime('18:30', american)]).toEqual([
    '12:05 AM',
    '12:00 PM',
    '6:30 PM',
  ]);
  expect([writeMoney(-5, american), writeNumber(-0.04, american, 1)]).toEqual(['−$0.05', '0.0']);
  expect([writeDay('2026-12-01', 'day', finnish), writeTime('18:30', finnish)]).toEqual(['ti 1.12.', '18.30']);
  // A currency without small parts has none, wherever it is written.
  expect(writeMoney(1250, regionOf('en-GB', 'JPY'))).toMatch(/^(JP)?¥1,250$/);
});

describe.each(REGIONS)('%s', (tag) => {
  const region = regionOf(tag, 'EUR');
  it('reads back every day of a year, in each form, with its hour', () => {
    const by = { today: '2027-01-01', toward: 'ahead' } as const;
    for (let month = 1; month <= 12; month++)
      // Without its year a day of the last two months is the one just gone.
      for (const form of month > 10 ? YEARLY : FORMS) {
        const day = `2027-${String(month).padStart(2, '0')}-${String(3 + 2 * month).padStart(2, '0')}`;
        const written = `${writeDay(day, form, region)}, ${writeTime('18:30', region)}`;
        expect(readWhen(written, by, region), written).toEqual({ ok: true, value: { day, time: '18:30' } });
        // Years are said where they are said.
        const later = readWhen(writeDay(day, form, region), { today: '2024-06-01', toward: 'ahead' }, region);
        if (YEARLY.includes(form)) expect(later).toEqual({ ok: true, value: { day } });
      }
  });
  it('knows its own words for weeks ahead and for tomorrow', () => {
    const by = { today: '2026-11-26', toward: 'ahead' } as const;
    const words = new Intl.RelativeTimeFormat(tag).format(2, 'week');
    expect(readWhen(words, by, region), words).toEqual({ ok: true, value: { day: '2026-12-10' } });
    const tomorrow = new Intl.RelativeTimeFormat(tag, { numeric: 'auto' }).format(1, 'day');
    expect(readWhen(tomorrow, by, region), tomorrow).toEqual({ ok: true, value: { day: '2026-11-27' } });
  });
  it('sets thousands apart as the region does', () => {
    const format = new Intl.NumberFormat(`${tag}-u-nu-latn`, { minimumFractionDigits: 1, maximumFractionDigits: 1 });
    for (const n of [999, 1234.5, 12_345, 123_456, 1_234_567.5, 987_654_321])
      expect(writeNumber(n, region, 1)).toBe(format.format(n).replace(/[\u00a0\u202f]/g, ' '));
  });
  it('writes what can be read as a number', () => {
    const written = writeNumber(123.45, region, 2);
    expect(readNumber(written), written).toBe(123.45);
  });
});

it('reads decimals behind a point or a comma, and nothing that could be two numbers', () => {
  expect(['4,2', '4.2', ' ,5', '7', '-3,5', '−3'].map(readNumber)).toEqual([4.2, 4.2, 0.5, 7, -3.5, -3]);
  expect(['', '1.234,5', '4 2', 'x', '1,2,3', '1e3', '4,20 €'].map(readNumber)).toEqual(Array(7).fill(null));
});
