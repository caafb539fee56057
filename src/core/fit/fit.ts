import { done, not, type Result } from '../result';
import { isSection, type Piece } from '../project';
import { origin, type Ease, type Figures, type Message } from '../studio';
import { fillerFor, type Filler } from './filler';
import { makersRule, type MakersRule } from './makers-rule';
import { target, type FitLine, type Size } from './target';

/** A count of whole units beside the one chosen. */
export interface Neighbour {
  readonly half_knots?: number;
  readonly repeats: number;
  readonly knotted_mm: number;
  readonly error_mm: number;
}

/** A seat's band, fitted. Lengths in mm; `error_mm` is what whole units make it longer (or, below zero, shorter) than wanted. */
export interface Fit extends Neighbour {
  readonly inner_mm?: number;
  readonly centre_mm?: number;
  readonly target_mm: number;
  readonly neighbours: readonly Neighbour[];
  readonly filler?: Filler;
  /** What makers go by; where the band is sized by a wrist. */
  readonly rule?: MakersRule;
  /** Units of every section. */
  readonly counts: Readonly<Record<string, number>>;
  readonly lines: readonly FitLine[];
  /** Beads of a sequence beyond its whole repeats, where it has one. */
  readonly rest?: number;
}

/** Fewer half knots than this is not a band: the closure is as long as what is left. */
const FEWEST = 6;

const plural = (n: number, one: string): string => `${n} ${one}${n === 1 ? '' : 's'}`;

/**
 * Fits a piece: wrist, ease, thickness, closure, and the whole count of units that lands nearest (domain: inner = wrist + ease;
 * centre line = inner + π × thickness; knotted = centre line − closure). Sections that fill share the count, so that a
 * symmetric piece stays symmetric.
 *
 * @returns the fit, or the error that keeps the piece from being made
 *
 * @example
 * fitPiece(piece, { wrist: 165 }, 'easy', figures).ok // true
 * fitPiece(piece, { wrist: 20 }, 'easy', figures).fault.code // 'band-too-short'
 */
export function fitPiece(piece: Piece, size: Size, ease: Ease, figures: Figures): Result<Fit, Message> {
  const { inner, centre, mm, lines } = target(piece, size, ease, figures);
  const band = piece.layout.filter(isSection);
  const fill = band.filter((section) => section.count === 'fill');
  const fixed = band.reduce((sum, s) => sum + (s.count === 'fill' ? 0 : s.count * s.unit), 0);
  const unit = fill.reduce((sum, section) => sum + section.unit, 0);
  const halfKnots = fill.reduce((sum, section) => sum + section.halfKnots, 0);
  const fixedHalfKnots = band.reduce((sum, s) => sum + (s.count === 'fill' ? 0 : s.count * s.halfKnots), 0);
  // Sections that repeat by turns are one repeat between them.
  const repeats = fill.filter(({ joins }) => !joins).length;
  const single = repeats === fill.length && fill.every((section) => section.runs.length === 1);
  // Knots are counted by the repeat of their stitch; courses, beads and tubes one by one.
  const divisions =
    single && halfKnots > 0 ? (fill[0]?.runs[0]!.measure.divisions ?? 1) / (fill[0]?.runs[0]!.times ?? 1) : 1;
  // A closure that only draws up until the band’s ends meet, or ties over what is between them, never gets a band that is too long.
  const isTied = Object.values(piece.parts).some(({ part }) => part.slug === 'tie-tail');
  const drawsUp = (piece.project.opens === 'slides' || isTied) && piece.closure.length > 0 && !('knotted' in size);
  const isOdd = fill.some(({ odd }) => odd);
  const rounded = (units: number): number => (drawsUp ? Math.floor(units + 1e-9) : Math.round(units));
  const whole = (units: number): number => (isOdd ? 2 * rounded((units - 1) / 2) + 1 : rounded(units));
  const count = unit > 0 ? whole((mm - fixed) / unit) : 0;
  const fewest = unit === 0 ? 0 : single && halfKnots > 0 ? Math.ceil(FEWEST / halfKnots) : 1;
  if (count < fewest) {
    const what =
      single && halfKnots > 0
        ? `${FEWEST} half knots of ${(unit / halfKnots).toFixed(1)} mm`
        : `a repeat of ${unit.toFixed(1)} mm`;
    const text = `Only ${Math.max(0, mm - fixed).toFixed(0)} mm of band would be left beside the closure: too short for ${what}. Choose a thinner cord, a smaller bead or a shorter closure.`;
    return not({
      level: 'error',
      code: 'band-too-short',
      text,
      values: {
        left_mm: Math.max(0, mm - fixed),
        ...(single && halfKnots > 0 ? { half_knots: FEWEST, each_mm: unit / halfKnots } : { repeat_mm: unit }),
      },
    });
  }
  const at = (n: number): Neighbour => {
    const knotted_mm = fixed + n * unit;
    const total = n * halfKnots + fixedHalfKnots;
    const found = { repeats: (n * repeats) / divisions, knotted_mm, error_mm: knotted_mm - mm };
    return total > 0 ? { half_knots: total, ...found } : found;
  };
  const chosen = at(count);
  const last: FitLine = {
    label: single && halfKnots > 0 ? 'Whole half knots' : 'Whole repeats',
    mm: chosen.error_mm,
    because: origin(
      drawsUp ? 'most-that-draws-up' : 'nearest-whole',
      { sections: repeats, count, each_mm: unit / Math.max(1, repeats) },
      repeats > 1
        ? `${repeats} × ${count} of ${(unit / repeats).toFixed(2)} mm is the ${drawsUp ? 'most that still draws up' : 'nearest'} that is the same on both sides`
        : `${count} of ${unit.toFixed(2)} mm is the ${drawsUp ? 'most that still draws up' : 'nearest'}`,
    ),
  };
  const fixedLine: FitLine[] =
    fixed > 0
      ? [
          {
            label: 'Fixed',
            mm: 0,
            because: origin(
              'fixed-sections',
              { fixed_mm: fixed, sections: band.length - fill.length },
              `${fixed.toFixed(1)} mm of it in ${plural(band.length - fill.length, 'section')} of fixed length`,
            ),
          },
        ]
      : [];
  const filler = fillerFor(chosen.error_mm, fill.length > 0 ? fill : band);
  return done({
    ...(inner !== undefined && { inner_mm: inner }),
    ...(centre !== undefined && { centre_mm: centre }),
    target_mm: mm,
    ...chosen,
    neighbours: unit > 0 ? [count - (isOdd ? 2 : 1), count + (isOdd ? 2 : 1)].filter((n) => n >= fewest).map(at) : [],
    ...(filler && { filler }),
    ...('wrist' in size && piece.project.sizing.by === 'wrist' && { rule: makersRule(piece, size.wrist, figures) }),
    counts: Object.fromEntries(Object.values(piece.sections).map((s) => [s.id, s.count === 'fill' ? count : s.count])),
    lines: [...lines, ...fixedLine, last],
  });
}
