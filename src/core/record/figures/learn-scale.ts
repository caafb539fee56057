import { asFigure, MOST_POINTS, type FigureKind, type FigureSaid } from './figure-said';
import { fitEffects } from '../effects/fit-effects';
import type { Figures } from '../../studio';

/** What was measured of a figure: a column of each thing that is known. Whose, by a number; predicted and found in the figure’s own measure. */
export interface Measured {
  readonly maker: number[];
  /** Logarithm of found over what the starting figure makes of it; of a difference, the difference. */
  readonly y: number[];
  readonly noise: number[];
  readonly predicted: number[];
  readonly found: number[];
}

export const nothingMeasured = (): Measured => ({ maker: [], y: [], noise: [], predicted: [], found: [] });

/** Adds one to what was measured; `noise` is the variance of how. */
export function measure(all: Measured, maker: number, predicted: number, found: number, noise: number): void {
  all.maker.push(maker);
  all.y.push(Math.log(found / predicted));
  all.noise.push(noise);
  all.predicted.push(predicted);
  all.found.push(found);
}

/** A figure to learn: where it starts, how far it may lie from there, and how much makers and pieces differ in it. */
export interface Scale {
  readonly key: string;
  readonly kind: FigureKind;
  readonly start: number;
  readonly reach: number;
  readonly spread: { readonly maker: number; readonly piece: number };
  readonly measure: FigureSaid['measure'];
  readonly seen: Measured;
  /** How many makers there are, of whom the seen ones are some. */
  readonly makers: number;
}

/** What records say of one figure; null where there are none. And how much they differ, as learned. */
export function learnScale(
  scale: Scale,
  figures: Figures,
): { figure: FigureSaid; spread: number; freedom: number } | null {
  const { key, kind, start, reach, spread, seen, makers } = scale;
  const { maker, y, noise, predicted, found } = seen;
  const n = y.length;
  if (n === 0) return null;
  const same = Array.from({ length: n }, () => 0);
  const { of, spreads, trusted } = fitEffects(
    {
      ways: [{ effects: [0], spread: 0 }],
      way: same,
      maker,
      y,
      censored: same,
      limit: y.map(() => Infinity),
      others: [],
      noise,
    },
    {
      effects: [reach],
      spreads: [spread],
      worth: figures.learn_worth,
      worthMakers: figures.learn_makers_worth,
      misread: figures.misread_share,
      // What differs much is misread by more.
      misreadBy: Math.max(figures.misread_by, 4 * Math.hypot(spread.maker, spread.piece)),
    },
    makers,
  );
  const { all, freedom } = spreads[0]!;
  const first = Math.max(0, n - MOST_POINTS);
  const points = found.slice(first).map((value, i) => ({
    predicted: predicted[first + i]!,
    found: value,
    trusted: trusted[first + i]!,
  }));
  const said = asFigure(start, of([0]), freedom);
  const count = new Set(maker).size;
  const figure = { key, kind, ...said, records: n, makers: count, points, measure: scale.measure };
  return { figure, spread: all, freedom };
}
