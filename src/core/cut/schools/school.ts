import type { Fit, Size } from '../../fit';
import type { Piece } from '../../project';
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
  /** Which pieces it is for, in words. */
  readonly meant: string;
  /** The size it cuts for, where that is not the seat's own; null where it has nothing to say about such a size. */
  readonly cutFor?: (size: Size, group: Group, figures: Figures) => Size | null;
  /** Whether its rule is meant for such a piece at all; where it is not, the piece is cut by measure. */
  readonly suits?: (context: SchoolContext) => boolean;
  readonly leg: (leg: LegWalk, context: SchoolContext) => AnatomyEntry[];
}
