import { workedDiameter } from '../cord';
import { cutPiece, SCHOOL_LIST, type CutPlan, type Group } from '../cut';
import { estimateHand, fitPiece, innerOf, type Fit, type Size } from '../fit';
import { kitItems, toolsFor, type KitItem } from '../kit';
import { paceOf, workingMinutes, type Pace } from '../pace';
import { resolvePiece, restsOf, type Catalogue, type Piece, type PieceRequest } from '../project';
import { done } from '../result';
import type { Figures, Message } from '../studio';
import type { Seat } from './seat';

/** A seat planned: what can be said of it so far. Fields are missing, not guessed, until the seat is ready for them. */
export interface SeatPlan {
  readonly label: string;
  readonly piece?: Piece;
  readonly fit?: Fit;
  readonly cut?: CutPlan;
  readonly items: readonly KitItem[];
  readonly tools: readonly string[];
  readonly minutes?: number;
  readonly pace?: Pace;
  readonly messages: readonly Message[];
}

const missing = (code: string, text: string, values: Message['values'] = {}): Message => ({
  level: 'error',
  code,
  text,
  values,
});

const wristOf = ({ size }: Seat): number | null => (size && 'wrist' in size ? size.wrist : null);

/**
 * What a seat asks for of its piece; what nobody measured is an adult's, until it is known.
 *
 * @example
 * pieceRequest(ada, figures).project // 'band-buckle'
 */
export function pieceRequest(seat: Seat & { readonly project: string }, figures: Figures): PieceRequest {
  const { project, options, cords, age, avoid, size, ease, skill, made } = seat;
  const hand = seat.hand ?? estimateHand(wristOf(seat) ?? figures.wrist_adult, figures);
  const inner = innerOf(size ?? { wrist: figures.wrist_adult }, ease, figures);
  return { project, options, cords, age, avoid, hand, inner, skill, made, rest: 0 };
}

/**
 * The piece with its fit, null where it has no size. Of a bead sequence, which can end before its next whole repeat, the one whose band
 * comes nearest.
 */
function nearest(request: PieceRequest, size: Size | null, ease: Seat['ease'], catalogue: Catalogue, figures: Figures) {
  const rests = restsOf(catalogue.projects[request.project]!, request.options.sequence);
  const tries = Array.from({ length: rests }, (_, rest) => {
    const piece = resolvePiece({ ...request, rest }, catalogue, figures);
    const fitted = size && fitPiece(piece, size, ease, figures);
    return { piece, fitted: rests > 1 && fitted?.ok ? done({ ...fitted.value, rest }) : fitted };
  });
  const offBy = ({ fitted }: (typeof tries)[number]): number =>
    fitted?.ok ? Math.abs(fitted.value.error_mm) : Infinity;
  return tries.reduce((best, own) => (offBy(own) < offBy(best) ? own : best));
}

/** The same, as it is reckoned. @throws where a project leads to nothing, which is checked before one is saved */
export function reckonSeat(seat: Seat, catalogue: Catalogue, figures: Figures, group?: Group): SeatPlan {
  const { label, project } = seat;
  if (project === null)
    return { label, items: [], tools: [], messages: [missing('no-project', 'No project chosen yet.')] };
  if (!Object.hasOwn(catalogue.projects, project)) {
    const [slug, revision] = project.split('@');
    const text = `Revision ${revision ?? 'unknown'} of “${slug}” is not here: open the session again, or choose the project anew.`;
    return {
      label,
      items: [],
      tools: [],
      messages: [missing('no-revision', text, { project: slug!, revision: revision ?? null })],
    };
  }
  const wrist = wristOf(seat);
  const request = pieceRequest({ ...seat, project }, figures);
  const { hand } = request;
  const { sizing } = catalogue.projects[project]!;
  const size = seat.size ?? (sizing.by === 'band' ? { knotted: sizing.band_mm } : null);
  const { piece, fitted } = nearest(request, size, seat.ease, catalogue, figures);
  const tools = toolsFor(piece);
  const messages = [...piece.messages];
  const notFitted = (error: Message): SeatPlan => ({
    label,
    piece,
    items: kitItems(piece),
    tools,
    messages: [...messages, error],
  });
  const needsHand = piece.choices.loop === 'wrist' || piece.project.opens === 'slides';
  if (needsHand && seat.hand === null) {
    const what = piece.choices.loop === 'wrist' ? 'the loop is made' : 'it opens';
    const text = `Hand not measured: ${what} for an estimated ${hand.toFixed(0)} mm${wrist === null ? ', an adult’s' : ''}.`;
    messages.push({ level: 'info', code: 'hand-estimated', text, values: { hand_mm: hand, wrist_mm: wrist } });
  }
  const byBand = sizing.by === 'band';
  if (!size || !fitted) return notFitted(missing('no-wrist', 'No wrist yet: measure it, or use an estimate by age.'));
  if (seat.estimated && !byBand) {
    messages.push({
      level: 'warning',
      code: 'estimate',
      text: 'The wrist is an estimate: measure it before cutting if you can.',
      values: {},
    });
  }

  if (!fitted.ok) return notFitted(fitted.fault);
  const fit = fitted.value;
  messages.push(...checkOpening(piece, fit, hand, figures), ...sizeRange(piece, fit));
  const cutSize = SCHOOL_LIST[seat.school].cutFor?.(size, group ?? { wrist: wrist ?? 0 }, figures) ?? null;
  const larger = cutSize && !byBand ? fitPiece(piece, cutSize, seat.ease, figures) : null;
  const cutFor = larger?.ok ? larger.value : fit;
  const cut = cutPiece(piece, fit, size, seat.school, seat.skill, figures, cutFor);
  if (cut.rule !== seat.school) {
    const text = `The ${SCHOOL_LIST[seat.school].name.toLowerCase()} school says nothing of a ${piece.project.name.toLowerCase()}: it is cut by measure.`;
    messages.push({
      level: 'info',
      code: 'school-not-for',
      text,
      values: { school: seat.school, project: piece.project.slug },
    });
  }
  const pace = paceOf(piece, fit, seat, figures);
  return {
    label,
    piece,
    items: kitItems(piece, fit),
    tools,
    fit,
    cut,
    minutes: workingMinutes(pace),
    pace,
    messages,
  };
}

/**
 * Plans one seat: piece, fit, cuts by the seat's school, kit items, minutes and messages. A seat whose project cannot be reckoned says
 * so, and leaves the others of its session alone.
 *
 * @example
 * planSeat({ ...ada, size: null }, catalogue, figures).messages.map(({ code }) => code) // ['no-wrist']
 */
export function planSeat(seat: Seat, catalogue: Catalogue, figures: Figures, group?: Group): SeatPlan {
  try {
    return reckonSeat(seat, catalogue, figures, group);
  } catch {
    const text = `“${seat.project ?? ''}” cannot be reckoned for this seat: mend it in the composer, or choose another project.`;
    return { label: seat.label, items: [], tools: [], messages: [missing('broken', text, { project: seat.project })] };
  }
}

/** A ring that neither opens nor slides must pass the hand as it is. */
function checkOpening(piece: Piece, fit: Fit, hand: number, figures: Figures): Message[] {
  if (piece.project.opens !== 'no' || fit.inner_mm === undefined) return [];
  const inner = (fit.inner_mm + fit.error_mm) * piece.choices.wraps;
  if (inner >= hand + figures.hand_slack) return [];
  const text = `The ring is ${inner.toFixed(0)} mm inside and does not open; the hand needs ${(hand + figures.hand_slack).toFixed(0)} mm. Choose a closure that opens or slides.`;
  return [
    { level: 'error', code: 'does-not-pass', text, values: { inner_mm: inner, need_mm: hand + figures.hand_slack } },
  ];
}

/** The wrists that a piece with several end knots fits. */
function sizeRange(piece: Piece, fit: Fit): Message[] {
  const row = Object.values(piece.parts).find(({ part }) => part.slug === 'knot-row');
  if (!row || fit.inner_mm === undefined || row.base.times < 2) return [];
  const step = row.part.use({ ...row.base, times: 1, cord: row.cord, d: workedDiameter(row.cord) }).mm;
  const stretch = (row.base.times - 1) * (row.base.mate * row.base.figures.loop_fit) * 0.5;
  const text = `${row.base.times} end knots: it closes from ${fit.inner_mm.toFixed(0)} to ${(fit.inner_mm + stretch).toFixed(0)} mm inside (each knot and loop takes ${step.toFixed(0)} mm of each leg).`;
  return [
    {
      level: 'info',
      code: 'size-range',
      text,
      values: { knots: row.base.times, least_mm: fit.inner_mm, most_mm: fit.inner_mm + stretch, step_mm: step },
    },
  ];
}
