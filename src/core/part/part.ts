import type { Cord } from '../cord';
import { bundle } from '../stitch';
import type { Figures, Message, Origin, Stretch } from '../studio';
import type { Hardware } from './hardware';
import { sideBySide, straight, type Way } from './way/way';

/** What a part is made in: one leg of this cord, on this hardware, beside so many strands. Lengths in mm. */
export interface PartContext {
  readonly cord: Cord;
  /** Worked diameter of the cord. */
  readonly d: number;
  /** Worked diameter of what it is tied round, where that is another cord; 0 where it is not. */
  readonly round: number;
  /** Strands that are tied as one, wrapped, or lie side by side in the hardware's opening. */
  readonly strands: number;
  /** How many turns, hitches or knots, where a part repeats. */
  readonly times: number;
  /** Band length of a half knot of the section next to it. */
  readonly halfPitch: number;
  readonly hardware: Hardware | null;
  /** Inside of the carry loop, all the way round; 0 where there is none. */
  readonly loop: number;
  /** Girth of what a loop must pass over: the button or knot that closes it; 0 where there is none. */
  readonly mate: number;
  /** Inner circumference when worn, and what the open piece must pass: the closed hand with its slack. */
  readonly inner: number;
  readonly hand: number;
  /** Length of the sliding closure that the tails run through. */
  readonly slider: number;
  /** Who ties a knot of several legs: one of them round the others, or all as one. */
  readonly tied: 'one' | 'all';
  /** Whether this leg only stands in a knot that another ties. */
  readonly stands: boolean;
  readonly figures: Figures;
}

/** Cord one leg uses, and how the figure comes about. */
export interface PartUse {
  readonly mm: number;
  readonly because: Origin;
}

/** A start, closure, end, join or bead setting: what it uses of each leg, what it adds along the band, what it needs. */
export interface Part {
  readonly slug: string;
  readonly name: string;
  readonly stretch: Stretch;
  /** Cord used by one leg. */
  readonly use: (context: PartContext) => PartUse;
  /** The way of each of its legs, as it is drawn: as long as its use. None where the cord only passes. */
  readonly ways: (context: PartContext) => readonly Way[];
  /** Band length, mm, that the part takes up beside the stitches. */
  readonly along: (context: PartContext) => number;
  /** What it takes of the closed ring, mm, where it closes the band without being a stretch of it. */
  readonly ring?: (context: PartContext) => PartUse;
  /** How far out of the band's edge the middle of the bar lies that it is tied to, mm; at the edge itself where it does not say. */
  readonly bar?: (context: PartContext) => number;
  /** Whether it is tied round the strand of the other end, and so stands past it when the piece is closed. */
  readonly grips?: true;
  /** How many turns it has in such a cord, where nobody says. */
  readonly turns?: (cord: Cord) => number;
  /** Girth, mm, of a knot or button that a loop closes over. */
  readonly girth?: (context: PartContext) => number;
  /** Whether one leg may tie it round the others, who then run straight through. */
  readonly byOne?: true;
  /** What clashes, with other hardware to suggest from. */
  readonly check: (context: PartContext, shelf: readonly Hardware[]) => Message[];
  /** Seconds that a fluent maker takes to make it once: of an end, to finish one. A starting figure, listed in docs/pace.md. */
  readonly seconds: number;
  /** The part to use instead where no flame may be: a part that needs heat names one that does not. */
  readonly withoutHeat?: string;
  /** The part to use instead in soft cord. */
  readonly inSoft?: string;
  /**
   * Of a part that ends a leg: a knot, or hardware led through, needs a tail to draw up by; of an end left long, that length is tail
   * enough.
   */
  readonly end?: 'drawn' | 'long';
  readonly tools: readonly string[];
  readonly step: string;
}

/** One decimal, for the working shown with a use. */
export const n1 = (mm: number): string => mm.toFixed(1);
/** Parts inside the band's outline take up none of its length. */
export const nothingAlong = (): number => 0;
/** A way along the band and no more, of each leg side by side. */
export const straightOn =
  (mm: (context: PartContext) => number, z = 0) =>
  (context: PartContext): Way[] =>
    sideBySide(context.strands, context.d).map((x, leg) => ({
      leg,
      points: straight(x, 0, mm(context), z * context.d),
    }));
/** Parts that clash with nothing. */
export const noClash = (): Message[] => [];

/** Length, mm, of one turn of a cord of diameter d round strands of that diameter: the girth through the cord's middle, one rise. */
export function turn(strands: number, d: number): number {
  // Two strands lie side by side: the girth of one and twice their spacing. More are taken as a round bundle.
  const girth = strands === 2 ? (2 * Math.PI + 2) * d : 2 * Math.PI * (bundle(strands, d).radius + d / 2);
  return Math.hypot(girth, d);
}
