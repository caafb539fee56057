import { errorFunction } from 'simple-statistics';

const density = (x: number): number => Math.exp((-x * x) / 2) / Math.sqrt(2 * Math.PI);

/**
 * Share of a normal distribution beyond so many deviations; from three on by Laplace’s continued fraction, where the difference from 1 has few
 * figures left.
 */
function beyond(x: number): number {
  if (x <= 3) return (1 - errorFunction(x / Math.SQRT2)) / 2;
  return density(x) / (x + 1 / (x + 2 / (x + 3 / (x + 4 / (x + 5 / (x + 6 / x))))));
}

/**
 * What “more than this” says of a mean that lies so many deviations below it (above, where negative): how much of a whole measurement it is
 * worth, and by how many deviations it asks the mean to move, as one step of Newton’s on the logarithm of what lies beyond.
 */
export function atLeast(deviations: number): { readonly information: number; readonly step: number } {
  const hazard = density(deviations) / beyond(deviations);
  const information = hazard * (hazard - deviations);
  return { information, step: information > 0 ? hazard / information : 0 };
}

/**
 * For one that was measured so many deviations below the most that could be measured: as many others were beyond it, if all pieces are alike.
 * Never more than three: what lies far beyond is no longer alike.
 */
export function unseenBeyond(deviations: number): number {
  const share = beyond(deviations);
  return Math.min(3, share / (1 - share));
}

/**
 * Of what is only known to lie beyond so many deviations, the mean square of how far it lies off, in variances.
 */
export const squareBeyond = (deviations: number): number => 1 + (deviations * density(deviations)) / beyond(deviations);

/**
 * The logarithm of a normal density about nothing, less what all have in common.
 */
export const logDensity = (off: number, variance: number): number =>
  -(off * off) / (2 * variance) - Math.log(variance) / 2;
