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
 * How far an observation that lies so far off is one of its kind, and not misread: its share of the two normals that it may be of.
 *
 * @param odds of being misread, before anything is seen
 * @param far variance that a misreading adds
 */
export function trust(off: number, variance: number, odds: number, far: number): number {
  const wide = variance + far;
  return 1 / (1 + odds * Math.sqrt(variance / wide) * Math.exp(((off * off) / 2) * (1 / variance - 1 / wide)));
}
