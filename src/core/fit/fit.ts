import { done, not, type Result } from '../result';
import { isSection, type Piece } from '../project';
import { fillerFor, type Filler } from './filler';
import { meanThickness } from './mean-thickness';
import { origin, type Ease, type Figures, type Message, type Origin } from '../studio';

/** What a band is made to, mm: a wrist, the inner circumference wanted, or the length of band wanted. */
export type Size = { readonly wrist: number } | { readonly finished: number } | { readonly knotted: number };

/** One line of the reckoning from wrist to knotted length: a length and where it comes from. Lines add up to the last. */
export interface FitLine {
  readonly label: string;
  readonly mm: number;
  readonly because: Origin;
}

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
  /** Units of every section. */
  readonly counts: Readonly<Record<string, number>>;
  readonly lines: readonly FitLine[];
}

const AS_ASKED = origin('as-asked', {}, 'as asked for');

/** Fewer half knots than this is not a band: the closure is as long as what is left. */
const FEWEST = 6;

const easeOf = (which: Ease, figures: Figures): number =>
  ({ snug: figures.ease_snug, easy: figures.ease_easy, loose: figures.ease_loose })[which];

/**
 * Inner circumference, mm, that a size asks for: the wrist with its ease, or as it was asked for.
 *
 * @example
 * innerOf({ wrist: 165 }, 'easy', figures) === 165 + figures.ease_easy // true
 */
export function innerOf(size: Size, ease: Ease, figures: Figures): number {
  if ('wrist' in size) return size.wrist + easeOf(ease, figures);
  return 'finished' in size ? size.finished : size.knotted;
}

/**
 * Length of the band's middle line over all wraps, mm: the first lies on the wrist, and each further one on the last as far as
 * the studio's figure says, so that its inner circumference is 2 π t longer.
 */
function centreLine(inner: number, thickness: number, wraps: number, figures: Figures): number {
  const onTop = 2 * Math.PI * thickness * figures.wrap_stack;
  return wraps * (inner + Math.PI * thickness) + (onTop * wraps * (wraps - 1)) / 2;
}

/** The reckoning as far as the band length wanted, over all sections. */
function target(
  piece: Piece,
  size: Size,
  ease: Ease,
  figures: Figures,
): { inner?: number; centre?: number; mm: number; lines: FitLine[] } {
  const { sizing, name } = piece.project;
  if ('knotted' in size)
    return { mm: size.knotted, lines: [{ label: 'Band length', mm: size.knotted, because: AS_ASKED }] };
  if (sizing.by === 'band') {
    const asked = 'finished' in size;
    const mm = asked ? size.finished : sizing.band_mm;
    return {
      mm,
      lines: [
        {
          label: 'Band length',
          mm,
          because: asked
            ? AS_ASKED
            : origin('own-length', { project: piece.project.slug }, `the ${name.toLowerCase()}’s own length`),
        },
      ],
    };
  }
  const lines: FitLine[] = [];
  const inner = innerOf(size, ease, figures);
  if ('wrist' in size)
    lines.push(
      { label: 'Wrist', mm: size.wrist, because: origin('as-taken', {}, 'as taken') },
      { label: 'Ease', mm: inner - size.wrist, because: origin('ease', { ease }, ease) },
    );
  else
    lines.push({
      label: 'Inside',
      mm: inner,
      because: origin('inner-as-asked', {}, 'inner circumference as asked for'),
    });
  const { choices } = piece;
  const thickness = meanThickness(piece, inner);
  const centre = centreLine(inner, thickness, choices.wraps, figures);
  if (choices.wraps > 1)
    lines.push({
      label: 'Wraps',
      mm: (choices.wraps - 1) * inner,
      because: origin('wraps', { wraps: choices.wraps, inner_mm: inner }, `${choices.wraps} times round`),
    });
  lines.push({
    label: 'Thickness',
    mm: centre - choices.wraps * inner,
    because: origin(
      'thickness',
      { thick_mm: thickness, wraps: choices.wraps, stack: figures.wrap_stack },
      choices.wraps > 1
        ? `π × ${thickness.toFixed(1)} mm thick${figures.wrap_stack > 0 ? ', and each wrap lies on the last' : ', for each wrap'}`
        : `π × ${thickness.toFixed(1)} mm thick: the middle of the band goes round further than its inside`,
    ),
  });
  let mm = centre;
  for (const item of piece.layout) {
    if (isSection(item) || item.along === 0 || item.closedOver) continue;
    mm -= item.along;
    lines.push({
      label: item.part.stretch === 'closure' ? 'Closure' : item.part.name,
      mm: -item.along,
      because: origin(
        'taken-up',
        { part: item.part.slug, hardware: item.base.hardware?.slug ?? null },
        item.base.hardware
          ? `${item.base.hardware.name}${item.part.slug === 'buckle' ? ', closed, from edge to edge' : ''}`
          : `band taken up by the ${item.part.name.toLowerCase()}`,
      ),
    });
  }
  for (const { label, mm: taken, because } of piece.closure) {
    mm -= taken;
    lines.push({ label, mm: -taken, because });
  }
  return { inner, centre, mm, lines };
}

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
    counts: Object.fromEntries(Object.values(piece.sections).map((s) => [s.id, s.count === 'fill' ? count : s.count])),
    lines: [...lines, ...fixedLine, last],
  });
}
