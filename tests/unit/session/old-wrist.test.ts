import { expect, it } from 'vitest';
import { beadOf } from '../../../src/core/seat';
import { oldWrist, planSession } from '../../../src/core/session';
import { STARTING_FIGURES as figures } from '../../../src/core/studio';
import { exampleView, seatRecord } from '../examples/view';

const child = seatRecord({ name: 'Wyn', age: 9, wrist_mm: 143, wrist_on: '2029-01-04' });
const told = (changes: Partial<typeof child>, on = '2030-05-04') => oldWrist({ ...child, ...changes }, on, figures);

it('a child’s wrist of long ago is a range, by what children grow and how much they differ in it', () => {
  // A year and four months: 2 to 4 mm a year on 143.
  expect(told({})).toMatchObject([
    {
      level: 'warning',
      code: 'old-wrist',
      text: 'Taken 16 months ago at 143 mm: a child’s wrist is 146 to 148 mm by now. Measure it again.',
    },
  ]);
  expect(told({ age: 17 })).toHaveLength(1);
  for (const lately of [
    { wrist_on: '2030-02-01' },
    { age: 30 },
    { age: null },
    { wrist_method: 'estimate' as const },
    { band_mm: 120 },
  ])
    expect(told(lately)).toEqual([]);
  expect(oldWrist(child, '2030-05-04', { ...figures, wrist_growth: 0 })).toEqual([]);
});

it('is told with the seat’s plan, and keeps nothing from being cut', () => {
  const view = exampleView();
  const { plan } = planSession({ ...view, seats: [child] }).seats[0]!;
  expect(plan.messages.map(({ code }) => code)).toContain('old-wrist');
  expect(beadOf(plan)).toBe('solid');
});
