import { asFigure, latest, type FigureKind, type FigureSaid, type Point } from './figure-said';
import { fitEffects } from '../effects/fit-effects';
import { numbered } from '../effects/numbered';
import type { Figures } from '../../studio';

/** Something measured of a figure: found against what the starting figure says. */
export interface Measured {
  readonly maker: string;
  /** Logarithm of found over what the starting figure makes of it. */
  readonly y: number;
  readonly noise: number;
  readonly point: Omit<Point, 'trusted'>;
}

/** A figure to learn: where it starts, how far it may lie from there, and how much makers and pieces differ in it. */
export interface Scale {
  readonly name: string;
  readonly kind: FigureKind;
  readonly start: number;
  readonly reach: number;
  readonly spread: { readonly maker: number; readonly piece: number };
  readonly measure: FigureSaid['measure'];
  readonly seen: readonly Measured[];
}

/** What records say of one figure; null where there are none. And how much they differ, as learned. */
export function learnScale(
  scale: Scale,
  figures: Figures,
): { figure: FigureSaid; spread: number; freedom: number } | null {
  const { name, kind, start, reach, spread, seen, measure } = scale;
  if (seen.length === 0) return null;
  const makers = numbered();
  const effects = [0];
  const { of, spreads, trusted } = fitEffects(
    seen.map(({ maker, y, noise }) => ({ effects, maker: makers.of(maker), y, censored: false, noise, spread: 0 })),
    {
      effects: [reach],
      spreads: [spread],
      worth: figures.learn_worth,
      misread: figures.misread_share,
      // What differs much is misread by more.
      misreadBy: Math.max(figures.misread_by, 4 * Math.hypot(spread.maker, spread.piece)),
    },
    makers.names.length,
  );
  const { all, freedom } = spreads[0]!;
  const points = latest(seen.map(({ point }, i) => ({ ...point, trusted: trusted[i]! })));
  const said = asFigure(start, of(effects), freedom);
  const figure = {
    key: `figure/${name}`,
    kind,
    ...said,
    records: seen.length,
    makers: makers.names.length,
    points,
    measure,
  };
  return { figure, spread: all, freedom };
}
