import type { Piece } from '../project';
import type { Ease, Figures, Message } from '../studio';

/** What a band is made to, mm: a wrist, the inner circumference wanted, or the length of band wanted. */
export type Size = { readonly wrist: number } | { readonly finished: number } | { readonly knotted: number };

/** One line of the reckoning from wrist to knotted length: a length and where it comes from. Lines add up to the last. */
export interface FitLine {
  readonly label: string;
  readonly mm: number;
  readonly because: string;
}

/** A count of half knots beside the one chosen. */
export interface Neighbour {
  readonly half_knots: number;
  readonly knotted_mm: number;
  readonly error_mm: number;
}

/** A seat's band, fitted. Lengths in mm; `error_mm` is what the whole half knots make it longer (or, below zero, shorter) than wanted. */
export interface Fit {
  readonly inner_mm?: number;
  readonly centre_mm?: number;
  readonly target_mm: number;
  readonly knotted_mm: number;
  readonly half_knots: number;
  readonly repeats: number;
  readonly error_mm: number;
  readonly neighbours: readonly Neighbour[];
  readonly lines: readonly FitLine[];
}

/** Fewer half knots than this is not a band: the closure is as long as what is left. */
const FEWEST = 6;

const ease = (which: Ease, figures: Figures): number =>
  ({ snug: figures.ease_snug, easy: figures.ease_easy, loose: figures.ease_loose })[which];

/** The reckoning as far as the band length wanted. */
function target(
  piece: Piece,
  size: Size,
  wanted: Ease,
  figures: Figures,
): { inner?: number; centre?: number; mm: number; lines: FitLine[] } {
  const { sizing, name } = piece.project;
  if ('knotted' in size)
    return { mm: size.knotted, lines: [{ label: 'Band length', mm: size.knotted, because: 'as asked for' }] };
  if (sizing.by === 'band') {
    const mm = 'finished' in size ? size.finished : sizing.band_mm;
    return {
      mm,
      lines: [
        {
          label: 'Band length',
          mm,
          because: 'finished' in size ? 'as asked for' : `the ${name.toLowerCase()}’s own length`,
        },
      ],
    };
  }
  const lines: FitLine[] = [];
  let inner: number;
  if ('wrist' in size) {
    const add = ease(wanted, figures);
    inner = size.wrist + add;
    lines.push({ label: 'Wrist', mm: size.wrist, because: 'as taken' }, { label: 'Ease', mm: add, because: wanted });
  } else {
    inner = size.finished;
    lines.push({ label: 'Inside', mm: inner, because: 'inner circumference as asked for' });
  }
  const bend = Math.PI * piece.thickness;
  const centre = inner + bend;
  lines.push({
    label: 'Thickness',
    mm: bend,
    because: `π × ${piece.thickness.toFixed(1)} mm thick: the middle of the band goes round further than its inside`,
  });
  if (piece.closed > 0)
    lines.push({ label: 'Closure', mm: -piece.closed, because: `${piece.hardware[0]!.name}, closed, bar to bar` });
  if (piece.along > 0)
    lines.push({ label: 'Start', mm: -piece.along, because: 'band taken up beside the bar by the start' });
  return { inner, centre, mm: centre - piece.closed - piece.along, lines };
}

/**
 * Fits a piece: wrist, ease, thickness, closure, and the whole count of half knots that lands nearest (domain: inner =
 * wrist + ease; centre line = inner + π × thickness; knotted = centre line − closure).
 *
 * @returns the fit, or the error that keeps the piece from being made
 */
export function fitPiece(piece: Piece, size: Size, wanted: Ease, figures: Figures): { fit: Fit } | { error: Message } {
  const { inner, centre, mm, lines } = target(piece, size, wanted, figures);
  const count = Math.round(mm / piece.halfPitch);
  if (count < FEWEST) {
    const text = `Only ${Math.max(0, mm).toFixed(0)} mm of band would be left beside the closure: too short for ${FEWEST} half knots of ${piece.halfPitch.toFixed(1)} mm. Choose a thinner cord or a shorter closure.`;
    return { error: { level: 'error', code: 'band-too-short', text } };
  }
  const at = (half_knots: number): Neighbour => {
    const knotted_mm = half_knots * piece.halfPitch;
    return { half_knots, knotted_mm, error_mm: knotted_mm - mm };
  };
  const chosen = at(count);
  const whole: FitLine = {
    label: 'Whole half knots',
    mm: chosen.error_mm,
    because: `${count} of ${piece.halfPitch.toFixed(2)} mm is the nearest`,
  };
  return {
    fit: {
      ...(inner !== undefined && { inner_mm: inner }),
      ...(centre !== undefined && { centre_mm: centre }),
      target_mm: mm,
      ...chosen,
      repeats: count / piece.measure.halfKnots,
      neighbours: [at(count - 1), at(count + 1)],
      lines: [...lines, whole],
    },
  };
}
