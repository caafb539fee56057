import type { Instance } from '../instance';
import { leastRests, type Sums } from './sums';

/** A problem is small enough to be settled by looking at every choice of pieces; its lengths, at most so many grains. */
const MOST_CUTS = 40;
const MOST_GRAINS = 40_000;
/** A problem in grains, with what every search in it needs. */
export interface Grains {
  /** Units a grain: every length is a multiple of it. */
  readonly grain: number;
  readonly widths: readonly number[];
  readonly counts: readonly number[];
  readonly cuts: number;
  readonly lengths: readonly number[];
  readonly keep: number;
  readonly rests: readonly Float64Array[];
  /** A set of sums for each piece that is being filled. */
  readonly sums: Sums[];
}

const gcd = (a: number, b: number): number => (b === 0 ? a : gcd(b, a % b));

export function grainsOf({ bars, wants, keep }: Instance): Grains | null {
  const all = [...wants.map((want) => want.width), ...bars.map((bar) => bar.length), Math.round(keep)];
  const grain = all.reduce(gcd, 0);
  const widths = wants.map((want) => want.width / grain);
  const counts = wants.map((want) => want.ids.length);
  const cuts = counts.reduce((sum, n) => sum + n, 0);
  const lengths = bars.map((bar) => bar.length / grain);
  if (cuts > MOST_CUTS || Math.max(...lengths) > MOST_GRAINS) return null;
  return {
    grain,
    widths,
    counts,
    cuts,
    lengths,
    keep: Math.round(keep) / grain,
    rests: leastRests(widths, counts, lengths),
    sums: [],
  };
}
