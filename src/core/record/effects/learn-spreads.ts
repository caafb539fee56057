import type { Beliefs } from './beliefs';
import type { Observations } from './observation';
import type { Together } from './together';
import { squareBeyond } from './weigh';

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
  /** What each is taken for, how far that is one of its kind, and the variance of what it may be. */
  readonly kept: { readonly share: Float64Array; readonly y: Float64Array; readonly off: Float64Array };
  /** For each observation, as many more that were not reported. */
  readonly unseen: Float64Array;
  readonly expected: { readonly mean: Float64Array; readonly variance: Float64Array };
  readonly maker: { readonly mean: Float64Array; readonly variance: Float64Array };
}

/** Sums of squares and how many there are, by spread. */
interface Sums {
  readonly squares: Float64Array;
  readonly counts: Float64Array;
}

/**
 * Variances from sums of squares. Those of all spreads together say by how much what was believed of them is to be stretched; so stretched, it
 * counts as `worth` measurements of each.
 */
function drawnTogether(believed: readonly number[], { squares, counts }: Sums, worth: number) {
  let [stretched, all] = [worth, worth];
  believed.forEach((sd, at) => {
    stretched += squares[at]! / sd ** 2;
    all += counts[at]!;
  });
  return believed.map((sd, at) => {
    const count = worth + counts[at]!;
    return { variance: (worth * (stretched / all) * sd ** 2 + squares[at]!) / count, count };
  });
}

/** Spreads by what is left of the observations, as far as they are trusted; with those of which only so much is known that they were more. */
export function learnSpreads(
  { y, censored, limit, noise }: Observations,
  { together: { of, count, spread, maker: makerOf }, kept, unseen, expected, maker }: Standing,
  now: readonly Variance[],
  { spreads, worth, worthMakers }: Beliefs,
): Variance[] {
  const sums = (): Sums => ({ squares: new Float64Array(spreads.length), counts: new Float64Array(spreads.length) });
  const [pieces, makers] = [sums(), sums()];
  const pieceOfSpread = Float64Array.from(now, ({ piece }) => piece);
  const { mean, variance } = expected;
  for (let i = 0; i < y.length; i++) {
    const g = of[i]!;
    const at = spread[g]!;
    const piece = pieceOfSpread[at]!;
    const own = Math.sqrt(piece + noise[i]!);
    if (censored[i] === 1) {
      pieces.squares[at]! += piece * squareBeyond((y[i]! - mean[g]!) / own);
      pieces.counts[at]! += 1;
      continue;
    }
    // Of what is left, as much is the piece’s own as its variance is of both, and the rest how it was measured.
    const share = piece / (piece + noise[i]!);
    const off = (kept.y[i]! - mean[g]!) * share;
    const p = kept.share[i]!;
    pieces.squares[at]! += p * (off * off + share * share * (variance[g]! + kept.off[i]!) + piece * (1 - share));
    pieces.counts[at]! += p;
    if (unseen[i]! > 0) {
      pieces.squares[at]! += unseen[i]! * piece * squareBeyond((limit[i]! - mean[g]!) / own);
      pieces.counts[at]! += unseen[i]!;
    }
  }
  const counted = new Uint8Array(maker.mean.length);
  for (let g = 0; g < count; g++) {
    const [m, at] = [makerOf[g]!, spread[g]!];
    if (counted[m] === 1) continue;
    counted[m] = 1;
    makers.squares[at]! += now[at]!.maker * (maker.mean[m]! ** 2 + maker.variance[m]!);
    makers.counts[at]! += 1;
  }
  const ofPieces = drawnTogether(
    spreads.map(({ piece }) => piece),
    pieces,
    worth,
  );
  const ofMakers = drawnTogether(
    spreads.map((own) => own.maker),
    makers,
    worthMakers,
  );
  return ofPieces.map(({ variance: piece, count: known }, at) => ({
    piece,
    pieces: known,
    maker: ofMakers[at]!.variance,
    makers: ofMakers[at]!.count,
  }));
}
