import { cutPiece, SCHOOL_LIST, type CutPlan } from '../cut';
import { estimateHand, fitPiece, type Fit } from '../fit';
import { kitItems, toolsFor, type KitItem } from '../kit';
import { workingMinutes } from '../pace';
import { resolvePiece, type Catalogue, type Piece } from '../project';
import type { Figures, Message, School } from '../studio';
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
  readonly messages: readonly Message[];
}

const missing = (code: string, text: string): Message => ({ level: 'error', code, text });

/** Plans one seat: piece, fit, cuts by the seat's school, kit items, minutes and messages. */
export function planSeat(seat: Seat, catalogue: Catalogue, figures: Figures): SeatPlan {
  const bare = { label: seat.label, items: [], tools: [] };
  if (seat.project === null) return { ...bare, messages: [missing('no-project', 'No project chosen yet.')] };
  const wrist = seat.size && 'wrist' in seat.size ? seat.size.wrist : null;
  const hand = seat.hand ?? estimateHand(wrist, figures);
  const piece = resolvePiece({ ...seat, project: seat.project, hand }, catalogue, figures);
  const made = { ...bare, piece, items: kitItems(piece), tools: toolsFor(piece) };

  const messages = [...piece.messages];
  if (piece.loop === 'wrist' && seat.hand === null) {
    const text = `Hand not measured: the loop is made for an estimated ${hand.toFixed(0)} mm${wrist === null ? ', an adult’s' : ''}.`;
    messages.push({ level: 'info', code: 'hand-estimated', text });
  }
  const size = seat.size ?? (piece.project.sizing.by === 'band' ? { knotted: piece.project.sizing.band_mm } : null);
  if (!size)
    return {
      ...made,
      messages: [...messages, missing('no-wrist', 'No wrist yet: measure it, or use an estimate by age.')],
    };
  if (seat.estimated && piece.project.sizing.by === 'wrist') {
    messages.push({
      level: 'warning',
      code: 'estimate',
      text: 'The wrist is an estimate by age: measure it before cutting if you can.',
    });
  }

  const fitted = fitPiece(piece, size, seat.ease, figures);
  if ('error' in fitted) return { ...made, messages: [...messages, fitted.error] };
  return {
    ...made,
    fit: fitted.fit,
    cut: cutPiece(piece, fitted.fit, size, seat.school, seat.skill, figures),
    minutes: workingMinutes(piece, fitted.fit.half_knots, seat.skill, figures),
    messages,
  };
}

/** The same seat cut by every school, side by side; none where the seat cannot be fitted yet. */
export function compareSchools(seat: Seat, catalogue: Catalogue, figures: Figures): CutPlan[] {
  return (Object.keys(SCHOOL_LIST) as School[]).flatMap(
    (school) => planSeat({ ...seat, school }, catalogue, figures).cut ?? [],
  );
}
