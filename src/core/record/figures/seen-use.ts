import type { Figures } from '../../studio';
import type { YieldRecord } from '../yield-record';

/** What a record says of one cord's use in a stitch, against the length of its path. */
export interface UseSeen {
  readonly stitch: string;
  readonly cord: string;
  /** Logarithm of use over path; where it ran short, that it was more. */
  readonly y: number;
  readonly censored: boolean;
  /** The most that could have been used and still be finished, likewise: what is cut beside the tails. */
  readonly limit: number;
  /** What it would be if what was left was read in inches and not in centimetres, and the other way round; NaN where it cannot be. */
  readonly others: readonly [number, number];
  readonly noise: number;
  /** What was left of an end that was held, mm, the shortest; of one that ran short, what there was beside all else; null where nothing was held. */
  readonly end: { readonly left_mm: number } | { readonly had_mm: number; readonly path_mm: number } | null;
  /** Use by the path, and as it was found, mm of all pieces of the cord. */
  readonly path_mm: number;
  readonly used_mm: number;
}

/** Centimetres in an inch: what a tape read by its other side is off by. */
export const INCH = 2.54;
const NEITHER = [NaN, NaN] as const;

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
    const ends = of.tail_mm > 0 ? of.ends * pieces : 0;
    if (!('mm' in own)) {
      const used_mm = had - of.tail_mm * pieces;
      if (used_mm > 0)
        found.push({
          stitch,
          cord,
          y: Math.log(used_mm / path),
          censored: true,
          limit: Infinity,
          others: NEITHER,
          noise: 0,
          end: ends > 0 ? { had_mm: had / ends, path_mm: path / ends } : null,
          path_mm: path,
          used_mm,
        });
      continue;
    }
    if (said.finished === 'not finished' && tied === null) continue;
    const path_mm = path * (tied ?? 1);
    const left_mm = own.mm.reduce((sum, mm) => sum + mm, 0);
    const used_mm = had - left_mm;
    if (path_mm <= 0 || used_mm <= 0) continue;
    const noise = own.mm.length * (tape_reads / path_mm) ** 2;
    const limit = Math.log(Math.max(used_mm, had - of.tail_mm * pieces) / path_mm);
    found.push({
      stitch,
      cord,
      y: Math.log(used_mm / path_mm),
      censored: false,
      limit,
      others: [had - left_mm * INCH, had - left_mm / INCH].map((mm) => Math.log(mm / path_mm)) as [number, number],
      noise,
      end:
        ends > 0 && said.finished !== 'not finished'
          ? { left_mm: own.mm.length === ends ? Math.min(...own.mm) : left_mm / ends }
          : null,
      path_mm,
      used_mm,
    });
  }
  return found;
}
