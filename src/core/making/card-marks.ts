import type { SeatPlan } from '../seat';
import { sum } from './counts';
import { insideOf } from './placeholders';

/** What of a piece is held against a scale beside its band, mm. */
export interface CardMark {
  readonly what: 'loop' | 'slider';
  readonly mm: number;
}

/**
 * What the scale of a kit card marks beside the length of the band: the inside of a loop that something closes through or that hangs,
 * laid flat, and the knotting of a slider.
 *
 * @example
 * cardMarks(plan).every(({ mm }) => mm > 0) // true
 */
export function cardMarks({ piece, fit }: SeatPlan): CardMark[] {
  if (!piece || !fit) return [];
  const loops = Object.values(piece.parts)
    .filter(({ part, base }) => base.mate > 0 || (part.stretch === 'loop' && base.loop > 0))
    .map((part): CardMark => ({ what: 'loop', mm: insideOf(part) / 2 }))
    .filter(({ mm }) => mm > 0)
    .slice(0, 1);
  const closing = (piece.project.closure ?? []).flatMap((id) => piece.sections[id] ?? []);
  const slider = sum(closing.map(({ id, unit }) => fit.counts[id]! * unit));
  return slider > 0 ? [...loops, { what: 'slider', mm: slider }] : loops;
}
