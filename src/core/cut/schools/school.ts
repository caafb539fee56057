import type { Fit, Size } from '../../fit';
import type { Piece } from '../../project';
import type { Figures, School as SchoolSlug, Skill } from '../../studio';
import type { AnatomyEntry } from '../anatomy';
import type { LegWalk } from '../walk';

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
  readonly leg: (leg: LegWalk, context: SchoolContext) => AnatomyEntry[];
}

/** How many legs have a stretch of this kind: rules that reckon for all strands together share it out among them. */
export function legsWith(kind: 'core' | 'stitches', legs: readonly LegWalk[]): number {
  return legs.filter((leg) => leg.entries.some((entry) => entry.for === kind)).length;
}

/**
 * A leg by a rule of thumb: the rule gives its core and its working stretch, and a carry loop comes on top, since the rules
 * are for the band alone.
 */
export function byRule(leg: LegWalk, core: AnatomyEntry, stitches: AnatomyEntry): AnatomyEntry[] {
  return leg.entries.flatMap((entry) => {
    if (entry.for === 'core') return [core];
    if (entry.for === 'stitches') return [stitches];
    return entry.for === 'loop' ? [entry] : [];
  });
}
