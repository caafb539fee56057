import { isSection } from '../../project';
import { origin, type Stretch } from '../../studio';
import type { AnatomyEntry } from '../anatomy';
import type { LegWalk } from '../walk';
import { measured } from './measured';
import type { SchoolContext } from './school';

/** How many legs of the band have a stretch of this kind: rules that reckon for all strands together share it out among them. */
export function legsWith(kind: 'core' | 'stitches', legs: readonly LegWalk[]): number {
  return legs.filter((leg) => leg.inBand && leg.entries.some((entry) => entry.for === kind)).length;
}

/** The one stitch that the rules of thumb are for. */
const FLAT = 'square-knot';

/** A flat band: square knots round a core from end to end, which the rules of thumb are made for. */
export function isFlatBand({ piece, legs }: SchoolContext): boolean {
  return (
    legsWith('core', legs) > 0 &&
    legsWith('stitches', legs) > 0 &&
    piece.layout.filter(isSection).every(({ runs }) => runs.every(({ stitch }) => stitch.slug === FLAT))
  );
}

/** What no rule of thumb counts. */
const BESIDE: readonly Stretch[] = ['loop', 'slide', 'beads'];
/** What a rule that is for the band alone does not count either: what closes and ends it. */
export const ENDINGS: readonly Stretch[] = ['closure', 'end'];

/**
 * A leg by a rule of thumb: the rule gives its core and its working stretch, each once for the whole band. What it does not count
 * comes on top: a carry loop, a tail that slides, an end left long, and whatever else is named. A closure's own cord is cut by measure.
 */
export function byRule(
  leg: LegWalk,
  context: SchoolContext,
  core: AnatomyEntry,
  stitches: AnatomyEntry,
  others: readonly Stretch[] = [],
): AnatomyEntry[] {
  if (!leg.inBand) return measured.leg(leg, context);
  const given = new Set<Stretch>();
  const onTop = [...BESIDE, ...others];
  const long = onTop.includes('end') ? 0 : leg.tails.reduce((sum, tail) => sum + tail.long_mm, 0);
  const ends: AnatomyEntry[] =
    long > 0 ? [{ for: 'end', mm: long, because: origin('left-long', {}, 'left long to tie it on by') }] : [];
  const band = leg.entries.flatMap((entry) => {
    if (entry.for !== 'core' && entry.for !== 'stitches') return onTop.includes(entry.for) ? [entry] : [];
    const rule = entry.for === 'core' ? core : stitches;
    if (given.has(entry.for) || rule.mm <= 0) return [];
    given.add(entry.for);
    return [rule];
  });
  return [...band, ...ends];
}
