import type { Fit, Size } from '../../fit';
import { isSection, type Piece } from '../../project';
import type { Figures, School as SchoolSlug, Skill } from '../../studio';
import type { AnatomyEntry } from '../anatomy';
import type { LegWalk } from '../walk';

/** Who a seat is cut for together with, by the largest wrist among them, mm. */
export interface Group {
  readonly wrist: number;
}

/** What a school may look at when it decides a leg. */
export interface SchoolContext {
  readonly piece: Piece;
  readonly fit: Fit;
  readonly size: Size;
  readonly skill: Skill;
  readonly figures: Figures;
  readonly legs: readonly LegWalk[];
}

/** A way to get from the fitted band to the cord to cut, leg by leg. */
export interface School {
  readonly slug: SchoolSlug;
  readonly name: string;
  /** The size it cuts for, where that is not the seat's own; null where it has nothing to say about such a size. */
  readonly cutFor?: (size: Size, group: Group, figures: Figures) => Size | null;
  /** Whether its rule is meant for such a piece at all; where it is not, the piece is cut by measure. */
  readonly suits?: (context: SchoolContext) => boolean;
  readonly leg: (leg: LegWalk, context: SchoolContext) => AnatomyEntry[];
}

/** How many legs have a stretch of this kind: rules that reckon for all strands together share it out among them. */
export function legsWith(kind: 'core' | 'stitches', legs: readonly LegWalk[]): number {
  return legs.filter((leg) => leg.entries.some((entry) => entry.for === kind)).length;
}

/** A knotted band: a core that is tied around, which the rules of thumb are made for. */
export function isKnottedBand({ piece, legs }: SchoolContext): boolean {
  return (
    legsWith('core', legs) > 0 &&
    legsWith('stitches', legs) > 0 &&
    piece.layout.some((item) => isSection(item) && item.halfKnots > 0)
  );
}

/**
 * A leg by a rule of thumb: the rule gives its core and its working stretch, and a carry loop comes on top, since the rules
 * are for the band alone.
 */
export function byRule(leg: LegWalk, core: AnatomyEntry, stitches: AnatomyEntry): AnatomyEntry[] {
  let cored = false;
  return leg.entries.flatMap((entry) => {
    // However many sections a leg runs through, the rule is for the whole band, once.
    if (entry.for === 'core') return cored ? [] : ((cored = true), [core]);
    if (entry.for === 'stitches') return stitches.mm > 0 ? [stitches] : [];
    return entry.for === 'loop' || entry.for === 'slide' || entry.for === 'beads' ? [entry] : [];
  });
}
