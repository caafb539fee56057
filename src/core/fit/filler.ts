import type { PieceSection } from '../project';

/** Half knots to share between both ends, where whole modules leave room for some; and how far off the band is then, mm. */
export interface Filler {
  readonly each_end: number;
  readonly error_mm: number;
}

/** The filler that brings a band of whole modules nearest: square knots' half knots, as many at one end as at the other. */
export function fillerFor(error: number, fill: readonly PieceSection[]): Filler | undefined {
  const unit = fill[1]?.joins ? fill : fill.slice(0, 1);
  const runs = unit.flatMap(({ d, runs: own }) => own.map((run) => ({ ...run, d })));
  const run = runs.find(({ measure }) => measure.halfKnots > 0);
  if (!run || runs.length < 2 || error >= 0) return undefined;
  const half = (run.measure.pitch / run.measure.halfKnots) * run.d;
  const each = Math.round(-error / (2 * half));
  return each > 0 ? { each_end: each, error_mm: error + 2 * each * half } : undefined;
}
