import type { Units } from '../measure';
import { formatLength } from '../measure';
import type { Values } from '../studio';
import type { PlannedPiece, SaidOfPiece } from './yield-record';

/**
 * Something said of a piece that can hardly be: which field, and what is asked. It is kept all the same. `code` says which question it
 * is and `values` what it speaks of, lengths in mm, so that it can be said in other words.
 */
export interface Question {
  /** `left 0` of the first cord, or the field’s name. */
  readonly field: string;
  readonly code: string;
  readonly values: Values;
  readonly text: string;
}

/** Longer than so many times what was planned, a time is asked about; and shorter than this share of it. */
const [LONGER, SHORTER] = [4, 0.2];

/** Closer than this share of the tightest there can be is asked about: a tape reads a short band to about as much. */
const ROOM = 0.97;

/** What all of a cord’s pieces were cut to, mm. */
const cutOf = ({ cut_mm, pieces }: PlannedPiece['cords'][number]): number => cut_mm * pieces;

/**
 * What of a record can hardly be: more left than was cut, a band longer than its cord, knots closer than the cord has room for, less than half
 * of the cord used, a time far from any. Questions, not refusals: a tape may have been misread, or the plan not kept to.
 *
 * @example
 * questionsOf(plannedPiece(ada, plan, figures, '2030-05-04'), { left: { 0: { mm: [99_000] } } }, 'cm').map(({ field }) => field) // ['left 0']
 */
export function questionsOf(planned: PlannedPiece, said: SaidOfPiece, units: Units): Question[] {
  const words = (mm: number): string => formatLength(mm, units);
  const found: Question[] = [];
  planned.cords.forEach((cord, i) => {
    const left = said.left?.[String(i)];
    if (!left || !('mm' in left)) return;
    const sum = left.mm.reduce((all, mm) => all + mm, 0);
    const field = `left ${i}`;
    if (sum > cutOf(cord))
      found.push({
        field,
        code: 'more-left',
        text: `More left than was cut: ${words(sum)} of ${words(cutOf(cord))}. In another unit?`,
        values: { left_mm: sum, cut_mm: cutOf(cord) },
      });
    else if (
      said.finished !== 'not finished' &&
      cord.stitches_mm > 0 &&
      cutOf(cord) - sum - cord.other_mm * cord.pieces < (cord.stitches_mm * cord.pieces) / 2
    )
      found.push({
        field,
        code: 'little-used',
        text: `Less used of ${words(cutOf(cord))} than half of what such a piece takes. Was it finished?`,
        values: { left_mm: sum, cut_mm: cutOf(cord) },
      });
  });
  const { band_mm: band, half_knots: knots, minutes } = said;
  const longest = Math.max(0, ...planned.cords.map(({ cut_mm }) => cut_mm));
  if (band != null && longest > 0 && band > longest)
    found.push({
      field: 'band_mm',
      code: 'longer-than-cord',
      text: `A band longer than its cord, which was cut to ${words(longest)}.`,
      values: { band_mm: band, cut_mm: longest },
    });
  else if (band != null && (band > 2 * planned.knotted_mm || band < planned.knotted_mm / 2))
    found.push({
      field: 'band_mm',
      code: 'far-from-plan',
      text: `Planned was a band of ${words(planned.knotted_mm)}. Measured without its closure?`,
      values: { band_mm: band, planned_mm: planned.knotted_mm },
    });
  if (knots != null && band != null && planned.tight_mm !== null && knots > 0 && band / knots < planned.tight_mm * ROOM)
    found.push({
      field: 'half_knots',
      code: 'too-close',
      values: { half_knots: knots, band_mm: band, least_mm: planned.tight_mm },
      text: `${knots} half knots over ${words(band)} are closer than this cord has room for. Square knots counted twice?`,
    });
  else if (
    knots != null &&
    planned.half_knots !== null &&
    (knots > 2 * planned.half_knots || knots < planned.half_knots / 3)
  )
    found.push({
      field: 'half_knots',
      code: 'other-count',
      text: `Planned were ${planned.half_knots} half knots; a square knot is two.`,
      values: { half_knots: knots, planned: planned.half_knots },
    });
  const { thick_mm: thick } = said;
  if (thick != null && planned.flat && (thick > 1.5 * planned.flat.stacked_mm || thick < planned.flat.stacked_mm / 3))
    found.push({
      field: 'thick_mm',
      code: 'other-thickness',
      text: `Its strands one on the other are about ${words(planned.flat.stacked_mm)} thick. Measured through the band, not across it?`,
      values: { thick_mm: thick, stacked_mm: planned.flat.stacked_mm },
    });
  const usual = planned.knotting + planned.parts;
  if (minutes != null && usual > 0 && (minutes > LONGER * usual || minutes < SHORTER * usual))
    found.push({
      field: 'minutes',
      code: 'other-time',
      text: `Planned were about ${Math.round(usual)} minutes.`,
      values: { minutes, planned: usual },
    });
  return found;
}
