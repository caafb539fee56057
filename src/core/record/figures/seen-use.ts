import type { Figures } from '../../studio';
import type { YieldRecord } from '../yield-record';

/** What a record says of one cord's use in a stitch, against the length of its path. */
export interface UseSeen {
  readonly stitch: string;
  readonly cord: string;
  /** Logarithm of use over path; where it ran short, that it was more. */
  readonly y: number;
  readonly censored: boolean;
  readonly noise: number;
  /** Use by the path, and as it was found, mm of all pieces of the cord. */
  readonly path_mm: number;
  readonly used_mm: number;
}

/**
 * What a record says of use. What was left tells what was used, tail and allowance being all that is left; the path is as long as there
 * were half knots, where they were counted. What ran short needed more than it had beside its tails. A piece that was not finished says something where
 * its knots were counted; a cord of several stitches, or more left than was cut, says nothing.
 */
export function seenUse({ planned, said }: YieldRecord, { tape_reads }: Figures): UseSeen[] {
  const found: UseSeen[] = [];
  const { left } = said;
  if (!left) return found;
  const knots = said.half_knots;
  const tied = knots != null && planned.half_knots ? knots / planned.half_knots : null;
  for (const place in left) {
    const own = left[place];
    const of = planned.cords[Number(place)];
    if (!own || !of || of.stitch === null || of.stitches_mm <= 0) continue;
    const { stitch, cord, pieces } = of;
    const path = of.stitches_mm * pieces;
    const had = (of.cut_mm - of.other_mm) * pieces;
    if (!('mm' in own)) {
      const used_mm = had - of.tail_mm * pieces;
      if (used_mm > 0)
        found.push({ stitch, cord, y: Math.log(used_mm / path), censored: true, noise: 0, path_mm: path, used_mm });
      continue;
    }
    if (said.finished === 'not finished' && tied === null) continue;
    const path_mm = path * (tied ?? 1);
    let used_mm = had;
    for (const mm of own.mm) used_mm -= mm;
    if (path_mm <= 0 || used_mm <= 0) continue;
    const noise = own.mm.length * (tape_reads / path_mm) ** 2;
    found.push({ stitch, cord, y: Math.log(used_mm / path_mm), censored: false, noise, path_mm, used_mm });
  }
  return found;
}
