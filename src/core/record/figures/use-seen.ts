import type { Figures } from '../../studio';
import type { PlannedCord, YieldRecord } from '../yield-record';

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

/** A cord's own work, of all its pieces: cut, other uses, tails and path. */
const all = ({ pieces, cut_mm, other_mm, tail_mm, stitches_mm }: PlannedCord) => ({
  cut: cut_mm * pieces,
  other: other_mm * pieces,
  tail: tail_mm * pieces,
  path: stitches_mm * pieces,
});

/**
 * What a record says of use. What was left tells what was used, tail and allowance being all that is left; the path is as long as there were half knots, where they
 * were counted. What ran short needed more than it had beside its tails. A piece that was not finished says something where its knots were counted; a
 * cord of several stitches, or more left than was cut, says nothing.
 */
export function useSeen({ planned, said }: YieldRecord, { tape_reads }: Figures): UseSeen[] {
  const tied = said.half_knots != null && planned.half_knots ? said.half_knots / planned.half_knots : null;
  const found: UseSeen[] = [];
  planned.cords.forEach((cord, i) => {
    const left = said.left?.[String(i)];
    if (!left || cord.stitch === null || cord.stitches_mm <= 0) return;
    const { cut, other, tail, path } = all(cord);
    const of = { stitch: cord.stitch, cord: cord.cord };
    if (!('mm' in left)) {
      const had = cut - other - tail;
      if (had > 0)
        found.push({ ...of, y: Math.log(had / path), censored: true, noise: 0, path_mm: path, used_mm: had });
      return;
    }
    if (said.finished === 'not finished' && tied === null) return;
    const path_mm = path * (tied ?? 1);
    const used_mm = cut - other - left.mm.reduce((sum, mm) => sum + mm, 0);
    if (path_mm <= 0 || used_mm <= 0) return;
    const noise = left.mm.length * (tape_reads / path_mm) ** 2;
    found.push({ ...of, y: Math.log(used_mm / path_mm), censored: false, noise, path_mm, used_mm });
  });
  return found;
}
