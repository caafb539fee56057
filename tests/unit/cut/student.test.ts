import tShare from '@stdlib/stats-base-dists-t-cdf';
import tQuantile from '@stdlib/stats-base-dists-t-quantile';
import { probit } from 'simple-statistics';
import { expect, it } from 'vitest';
import { normalFrom, studentFrom } from '../../../src/core/cut/student';
import { errorFunction } from 'simple-statistics';

const SHARES = [0.5, 0.8, 0.95, 59 / 60, 0.99];

it.each([4, 6, 10, 30, 100, 5000])('is Student’s t of %i as the library has it, to one in a hundred', (freedom) => {
  for (const share of SHARES) {
    const exact = tQuantile(share, freedom);
    // The package's normal deviations are good to 0.003 themselves.
    expect(Math.abs(studentFrom(probit(share), freedom) - exact)).toBeLessThan(0.01 * exact + 0.006);
    const chance = (1 + errorFunction(normalFrom(exact, freedom) / Math.SQRT2)) / 2;
    expect(Math.abs(chance - tShare(exact, freedom))).toBeLessThan(0.03 / freedom);
  }
});
