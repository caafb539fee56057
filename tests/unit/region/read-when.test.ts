import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { daysAfter, daysBetween, readWhen, regionOf, type ReadBy } from '../../../src/core/region';

/** A Thursday. */
const TODAY = '2026-11-26';
const read = (text: string, tag = 'en-GB', toward: ReadBy['toward'] = 'ahead') => {
  const reading = readWhen(text, { today: TODAY, toward }, regionOf(tag));
  return reading.ok ? [reading.value.day, reading.value.time].filter(Boolean).join(' ') : null;
};

describe('days and hours as people type them', () => {
  it.each([
    ['fri 18:30', '2026-11-27 18:30'],
    ['18:30 friday', '2026-11-27 18:30'],
    ['thu', TODAY],
    ['Wednesday', '2026-12-02'],
    ['27.11.', '2026-11-27'],
    ['27.11', '2026-11-27'],
    ['27/11', '2026-11-27'],
    ['27.11.28', '2028-11-27'],
    ['2026-12-24', '2026-12-24'],
    ['24 dec', '2026-12-24'],
    ['Dec 24th at 6pm', '2026-12-24 18:00'],
    ['24th of December 2027, 9.15', '2027-12-24 09:15'],
    ['in 2 weeks', '2026-12-10'],
    ['in a week, noon', '2026-12-03 12:00'],
    ['in 3 months', '2027-02-26'],
    ['tomorrow 19h', '2026-11-27 19:00'],
    ['12 am', '00:00'],
    ['12.30 pm', '12:30'],
    ['18.30', '18:30'],
    // Just gone is meant itself; long gone is next year's.
    ['20.11.', '2026-11-20'],
    ['3 march', '2027-03-03'],
    // The weekday says which year.
    ['fri 1 oct', '2027-10-01'],
    ['29.2.', '2028-02-29'],
  ])('%s', (text, wanted) => expect(read(text)).toBe(wanted));

  it('numbers stand in the order of the region, and a weekday before a month it looks like', () => {
    expect([read('1/12', 'en-GB'), read('12/1', 'en-US')]).toEqual(['2026-12-01', '2026-12-01']);
    expect(read('27/11', 'en-US')).toBe('2026-11-27');
    expect(read('mar. 1 déc.', 'fr-FR')).toBe('2026-12-01');
    expect(read('Freitag um 18.30 Uhr', 'de-DE')).toBe('2026-11-27 18:30');
  });
  it('of days gone by, the last is meant', () => {
    expect(['fri', '3 march', '27.11.', '2 days ago', 'yesterday'].map((text) => read(text, 'en-GB', 'back'))).toEqual([
      '2026-11-20',
      '2026-03-03',
      '2025-11-27',
      '2026-11-24',
      '2026-11-25',
    ]);
  });
});

describe('what is not read', () => {
  it.each([
    ['', /Write a day as/],
    ['soon', /“soon” is not read/],
    ['next fri', /may be this week or the one after/],
    ['31.2.', /calendar has no 31\.2\./],
    ['29.2.2027', /calendar has no/],
    ['thu 27.11.2026', /27 Nov 2026 is a Friday, not a Thursday/],
    ['25:00', /“25:00” is not read/],
    ['13 pm', /not read/],
    ['fri 18:30 19:30', /“19:30” is not read/],
    ['27.11. 28.11.', /“28\.11\.” is not read/],
    ['7', /“7” is not read/],
  ])('%s', (text, why) => {
    const reading = readWhen(text, { today: TODAY, toward: 'ahead' }, regionOf('en-GB'));
    expect(reading).toMatchObject({ ok: false, fault: expect.stringMatching(why) });
  });
});

it('whatever is typed is read to the last word or refused, and a day that is read is one of the calendar', () => {
  const words = fc.constantFrom(
    'fri',
    '27.11.',
    '27',
    'nov',
    '18:30',
    'in',
    '2',
    'weeks',
    '2026',
    'at',
    'pm',
    'x',
    '31.4.',
  );
  fc.assert(
    fc.property(fc.array(words, { maxLength: 5 }), fc.string({ maxLength: 8 }), (some, more) => {
      const reading = readWhen([...some, more].join(' '), { today: TODAY, toward: 'ahead' }, regionOf('en-GB'));
      if (!reading.ok) return reading.fault.length > 0;
      const { day, time } = reading.value;
      if (some.includes('x') || some.includes('31.4.')) return false;
      if (day !== undefined && new Date(day).toISOString().slice(0, 10) !== day) return false;
      return (
        (day !== undefined || time !== undefined) && (time === undefined || /^([01]\d|2[0-3]):[0-5]\d$/.test(time))
      );
    }),
    { numRuns: 2000 },
  );
});

it('days are counted over months, leap years and the hour that clocks lose', () => {
  expect([daysAfter('2028-02-28', 2), daysAfter('2026-03-28', 2), daysAfter('2026-01-01', -1)]).toEqual([
    '2028-03-01',
    '2026-03-30',
    '2025-12-31',
  ]);
  expect(daysBetween('2026-10-24', '2026-10-26')).toBe(2);
});
