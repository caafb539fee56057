import { errorFunction } from 'simple-statistics';

const density = (x: number): number => Math.exp((-x * x) / 2) / Math.sqrt(2 * Math.PI);

/** Share of a normal distribution beyond so many deviations; far out by its density over the distance (Mills’ ratio), where the difference from 1 has no figures left. */
const beyond = (x: number): number => (x > 5 ? density(x) / (x + 1 / x) : (1 - errorFunction(x / Math.SQRT2)) / 2);

/**
 * What “more than this” says of a mean that lies so many deviations below it (above, where negative): how much of a whole measurement it is
 * worth, and by how many deviations it asks the mean to move, as one step of Newton’s on the logarithm of what lies beyond.
 */
export function atLeast(deviations: number): { readonly information: number; readonly step: number } {
  const hazard = density(deviations) / beyond(deviations);
  const information = hazard * (hazard - deviations);
  return { information, step: information > 0 ? hazard / information : 0 };
}

/** How far an observation that lies so far off is one of its kind, and not misread: the share of the two that is due to the first. */
export function trust(
  off: number,
  variance: number,
  censored: boolean,
  { misread, misreadBy }: { readonly misread: number; readonly misreadBy: number },
): number {
  const wide = variance + misreadBy * misreadBy;
  const [near, far] = [Math.sqrt(variance), Math.sqrt(wide)];
  const one = censored ? beyond(off / near) : density(off / near) / near;
  const other = censored ? beyond(off / far) : density(off / far) / far;
  const of = (1 - misread) * one;
  return of === 0 && other === 0 ? 0 : of / (of + misread * other);
}
