import { describe, expect, it } from 'vitest';
import { calibrationOf } from './calibration';

describe('of makers who are told a chance', () => {
  it.each([1, 5, 15])('about as many finish, where they are looked at every %i minutes', (every) => {
    const all = (['new', 'steady', 'fluent'] as const).flatMap((skill) => [calibrationOf(every, skill, 40)]);
    for (const bin of [0, 1, 2, 3, 4]) {
      const own = all.map((bins) => bins[bin]!);
      const many = own.reduce((sum, one) => sum + one.many, 0);
      const mean = (of: 'told' | 'finished'): number =>
        own.reduce((sum, one) => sum + (one.many > 0 ? one[of] * one.many : 0), 0) / many;
      // Seven in a hundred, and twice what so few may be off by chance.
      const chance = 2 * Math.sqrt((mean('told') * (1 - mean('told'))) / many);
      expect(many).toBeGreaterThan(30);
      expect(Math.abs(mean('finished') - mean('told'))).toBeLessThan(0.07 + chance);
    }
  });
});
