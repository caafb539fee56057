import type { Beliefs } from './beliefs';
import type { Observation } from './observation';
import type { Group } from './together';

/** Variances of makers and of pieces, and from how many of each they are known, beliefs counting too. */
export interface Variance {
  readonly maker: number;
  readonly piece: number;
  readonly makers: number;
  readonly pieces: number;
}

/** How much measurements differ, as learned: standard deviations, and by how many measurements, as one counts the freedom of a variance. */
export interface Spread {
  readonly maker: number;
  readonly piece: number;
  readonly all: number;
  readonly freedom: number;
}

/** Two variances together; their freedom as Satterthwaite (1946) puts it. */
export const spreadOf = ({ maker, piece, makers, pieces }: Variance): Spread => ({
  maker: Math.sqrt(maker),
  piece: Math.sqrt(piece),
  all: Math.sqrt(maker + piece),
  freedom: maker + piece > 0 ? (maker + piece) ** 2 / (maker ** 2 / makers + piece ** 2 / pieces) : Infinity,
});

interface Standing {
  readonly of: Int32Array;
  readonly groups: readonly Group[];
  readonly trusted: Float64Array;
  readonly expected: { readonly mean: Float64Array; readonly variance: Float64Array };
  readonly maker: { readonly mean: Float64Array; readonly variance: Float64Array };
}

/** Spreads by what is left of the observations, as far as they are trusted; what was believed of them counts as `worth` of each. */
export function learnSpreads(
  rows: readonly Observation[],
  { of, groups, trusted, expected, maker }: Standing,
  now: readonly Variance[],
  { spreads, worth }: Beliefs,
): Variance[] {
  const sums = spreads.map((believed) => ({
    piece: worth * believed.piece ** 2,
    pieces: worth,
    maker: worth * believed.maker ** 2,
    makers: worth,
  }));
  for (let i = 0; i < rows.length; i++) {
    const { y, censored, noise, spread } = rows[i]!;
    // What is only known to be more says where the mean lies, and little of the spread.
    if (censored) continue;
    const g = of[i]!;
    const { piece } = now[spread]!;
    const sum = sums[spread]!;
    // Of what is left, as much is the piece’s own as its variance is of both, and the rest how it was measured.
    const share = piece / (piece + noise);
    const off = (y - expected.mean[g]!) * share;
    sum.piece += trusted[i]! * (off * off + share * share * expected.variance[g]! + piece * (1 - share));
    sum.pieces += trusted[i]!;
  }
  const counted = new Set<number>();
  for (const { maker: m, spread } of groups) {
    if (counted.has(m)) continue;
    counted.add(m);
    sums[spread]!.maker += now[spread]!.maker * (maker.mean[m]! ** 2 + maker.variance[m]!);
    sums[spread]!.makers += 1;
  }
  return sums.map(({ piece, pieces, maker: own, makers }) => ({
    piece: piece / pieces,
    maker: own / makers,
    pieces,
    makers,
  }));
}
