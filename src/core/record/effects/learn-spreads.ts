import type { Beliefs } from './beliefs';
import type { Observations } from './observation';
import type { Together } from './together';

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
  readonly together: Together;
  readonly trusted: Float64Array;
  readonly expected: { readonly mean: Float64Array; readonly variance: Float64Array };
  readonly maker: { readonly mean: Float64Array; readonly variance: Float64Array };
}

/** Spreads by what is left of the observations, as far as they are trusted; what was believed of them counts as `worth` of each. */
export function learnSpreads(
  { y, censored, noise }: Observations,
  { together: { of, count, spread, maker: makerOf }, trusted, expected, maker }: Standing,
  now: readonly Variance[],
  { spreads, worth }: Beliefs,
): Variance[] {
  const sums = spreads.map((believed) => ({
    piece: worth * believed.piece ** 2,
    pieces: worth,
    maker: worth * believed.maker ** 2,
    makers: worth,
  }));
  const pieceOfSpread = Float64Array.from(now, ({ piece }) => piece);
  const squares = new Float64Array(spreads.length);
  const counts = new Float64Array(spreads.length);
  const { mean, variance } = expected;
  for (let i = 0; i < y.length; i++) {
    // What is only known to be more says where the mean lies, and little of the spread.
    if (censored[i] === 1) continue;
    const g = of[i]!;
    const at = spread[g]!;
    const piece = pieceOfSpread[at]!;
    // Of what is left, as much is the piece’s own as its variance is of both, and the rest how it was measured.
    const share = piece / (piece + noise[i]!);
    const off = (y[i]! - mean[g]!) * share;
    const p = trusted[i]!;
    squares[at]! += p * (off * off + share * share * variance[g]! + piece * (1 - share));
    counts[at]! += p;
  }
  sums.forEach((sum, at) => {
    sum.piece += squares[at]!;
    sum.pieces += counts[at]!;
  });
  const counted = new Uint8Array(maker.mean.length);
  for (let g = 0; g < count; g++) {
    const [m, at] = [makerOf[g]!, spread[g]!];
    if (counted[m] === 1) continue;
    counted[m] = 1;
    sums[at]!.maker += now[at]!.maker * (maker.mean[m]! ** 2 + maker.variance[m]!);
    sums[at]!.makers += 1;
  }
  return sums.map(({ piece, pieces, maker: own, makers }) => ({
    piece: piece / pieces,
    maker: own / makers,
    pieces,
    makers,
  }));
}
