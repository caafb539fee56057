import { isSection, type Piece } from '../project';
import { origin, type Ease, type Figures, type Origin } from '../studio';
import { meanThickness } from './mean-thickness';

/** What a band is made to, mm: a wrist, the inner circumference wanted, the overall length of a closed piece that fits, or the length of band wanted. */
export type Size =
  | { readonly wrist: number }
  | { readonly finished: number }
  | { readonly closed: number }
  | { readonly knotted: number };

/** One line of the calculation from wrist to knotted length: a length and where it comes from. Lines add up to the last. */
export interface FitLine {
  readonly label: string;
  readonly mm: number;
  readonly because: Origin;
}

const AS_ASKED = origin('as-asked', {}, 'as asked for');

const easeOf = (which: Ease, figures: Figures): number =>
  ({ snug: figures.ease_snug, easy: figures.ease_easy, loose: figures.ease_loose })[which];

/**
 * Inner circumference, mm, that a size asks for: the wrist with its ease, or as it was asked for; that of a closed piece is this less
 * what its thickness takes.
 *
 * @example
 * innerOf({ wrist: 165 }, 'easy', figures) === 165 + figures.ease_easy // true
 */
export function innerOf(size: Size, ease: Ease, figures: Figures): number {
  if ('wrist' in size) return size.wrist + easeOf(ease, figures);
  return Object.values(size)[0]!;
}

/**
 * Length of the band's middle line over all wraps, mm: the first lies on the wrist, and each further one on the last as far as
 * the studio's figure says, so that its inner circumference is 2 π t longer.
 */
function centreLine(inner: number, thickness: number, wraps: number, figures: Figures): number {
  const onTop = 2 * Math.PI * thickness * figures.wrap_stack;
  return wraps * (inner + Math.PI * thickness) + (onTop * wraps * (wraps - 1)) / 2;
}

/** The middle line of a ring round a wrist, or of the inside asked for: its length over all wraps, mm, and what it is made of. */
function roundWrist(piece: Piece, size: Size, ease: Ease, figures: Figures) {
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
  return { lines, inner, centre };
}

/** The same of a piece that is to be as long, closed, as one that fits: what its thickness takes is taken from its inside. */
function asPiece(piece: Piece, closed: number) {
  const { wraps } = piece.choices;
  const turn = closed / wraps;
  // How thick a turn is on average depends on its inside, and that on the thickness.
  const thickness = meanThickness(piece, turn - Math.PI * meanThickness(piece, turn));
  const lines: FitLine[] = [
    { label: 'Piece that fits', mm: closed, because: origin('as-piece', {}, 'overall length of it, closed') },
  ];
  return { lines, inner: turn - Math.PI * thickness, centre: closed };
}

/** The calculation as far as the band length wanted, over all sections. */
export function target(
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
  const { lines, inner, centre } =
    'closed' in size ? asPiece(piece, size.closed) : roundWrist(piece, size, ease, figures);
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
