import tQuantile from '@stdlib/stats-base-dists-t-quantile';
import type { Estimate } from '../effects/fit-effects';

/** What is meant by a learned figure, and so what accepting it changes. */
export type FigureKind = 'use' | 'spread' | 'draw' | 'minutes' | 'tail' | 'body' | 'flat';

/** A piece’s predicted and found value, in the figure’s own measure, and how far it was trusted not to be misread. */
export interface Point {
  readonly predicted: number;
  readonly found: number;
  readonly trusted: number;
  /** Whether only so much is known that it was more. */
  readonly more?: true;
}

/** What the records say of one figure. */
export interface FigureSaid {
  /** `use/<stitch>/<cord>/<skill>`, `flat/<cord>`, or `figure/<name>`. */
  readonly key: string;
  readonly kind: FigureKind;
  /** What geometry or custom has. */
  readonly start: number;
  readonly value: number;
  /** Nine times in ten it lies between these. */
  readonly low: number;
  readonly high: number;
  /** Standard deviation of the value, as a share of it. */
  readonly doubt: number;
  /** Of a spread: how many records it is worth. */
  readonly freedom?: number;
  readonly records: number;
  readonly makers: number;
  /** The latest of what it was learned from. */
  readonly points: readonly Point[];
  /** What the points are in. */
  readonly measure: 'mm' | 'minutes' | 'mm a year';
}

/** As many points as a chart has room for. */
export const MOST_POINTS = 240;

/** Of an interval that holds nine times in ten, each side leaves one in twenty out. */
const SIDE = 0.95;

/**
 * A logarithm’s estimate as a figure: its middle, and between what it lies nine times in ten, by Student’s t with as much freedom as the
 * spread it is measured against.
 */
export function asFigure(start: number, { mean, sd }: Estimate, freedom: number) {
  const reach = tQuantile(SIDE, Math.max(1, freedom)) * sd;
  return {
    start,
    value: start * Math.exp(mean),
    low: start * Math.exp(mean - reach),
    high: start * Math.exp(mean + reach),
    doubt: sd,
  };
}

/** A learned spread as a figure: its logarithm is known to one over the root of twice its freedom. */
export const spreadAsFigure = (start: number, spread: number, freedom: number) => ({
  ...asFigure(1, { mean: Math.log(spread), sd: 1 / Math.sqrt(2 * freedom) }, freedom),
  start,
});
