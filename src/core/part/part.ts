import type { Cord } from '../cord';
import type { Figures, Message, Stretch } from '../studio';
import type { Hardware } from './hardware';

/** What a part is made in: one leg of this cord, on this hardware, beside so many strands. Lengths in mm. */
export interface PartContext {
  readonly cord: Cord;
  /** Worked diameter of the cord. */
  readonly d: number;
  /** Strands that lie side by side in the hardware's opening. */
  readonly strands: number;
  /** Band length of a half knot, and cord each working strand uses for it. */
  readonly halfPitch: number;
  readonly hardware: Hardware | null;
  /** Inside of the carry loop, all the way round; 0 where there is none. */
  readonly loop: number;
  readonly figures: Figures;
}

/** Cord one leg uses, and how the figure comes about, in words a maker can check. */
export interface PartUse {
  readonly mm: number;
  readonly because: string;
}

/** A start, closure, end or join: what it uses of each leg, what it adds along the band, what it needs. */
export interface Part {
  readonly slug: string;
  readonly name: string;
  readonly stretch: Stretch;
  /** Cord used by one leg. */
  readonly use: (context: PartContext) => PartUse;
  /** Band length, mm, that the part takes up between closure and stitches. */
  readonly along: (context: PartContext) => number;
  /** What clashes, with other hardware to suggest from. */
  readonly check: (context: PartContext, shelf: readonly Hardware[]) => Message[];
  /** Seconds for a fluent maker. */
  readonly seconds: number;
  readonly heat: boolean;
  readonly tools: readonly string[];
  readonly step: string;
}

/** One decimal, for the working shown with a use. */
export const n1 = (mm: number): string => mm.toFixed(1);
/** Parts inside the band's outline take up none of its length. */
export const nothingAlong = (): number => 0;
/** Parts that clash with nothing. */
export const noClash = (): Message[] => [];
