import { formatMm } from '../measure';
import { bundle } from '../stitch';
import type { Message } from '../studio';
import type { Hardware } from './hardware';
import type { PartContext } from './part';

/**
 * An error when the strands do not pass the hole together: the smallest circle round n strands of worked diameter d. Names what
 * on the shelf would take them.
 *
 * @example
 * checkHole({ hardware: { ...catalogue.hardware['bead-8'] }, strands: 12, d: 3, cord: satin }, [])[0].level // 'error'
 */
export function checkHole(
  { hardware, strands, d, cord }: Pick<PartContext, 'hardware' | 'strands' | 'd' | 'cord'>,
  shelf: readonly Hardware[],
): Message[] {
  if (!hardware) return [];
  const need = 2 * bundle(strands, d).radius;
  if (need <= hardware.opening_mm) return [];
  const wider = shelf
    .filter((h) => h.kind === hardware.kind && h.opening_mm >= need)
    .sort((a, b) => a.opening_mm - b.opening_mm)[0];
  const many =
    strands === 1 ? `a strand of ${cord.name.toLowerCase()}` : `${strands} strands of ${cord.name.toLowerCase()}`;
  const remedy = wider
    ? `${wider.name} (hole ${formatMm(wider.opening_mm)}) fits.`
    : 'Choose a thinner cord, or a bead with a wider hole.';
  return [
    {
      level: 'error',
      code: 'hole-too-small',
      text: `${hardware.name}: hole ${formatMm(hardware.opening_mm)}; ${many} need${strands === 1 ? 's' : ''} ${formatMm(need)}. ${remedy}`,
      values: {
        hardware: hardware.slug,
        opening_mm: hardware.opening_mm,
        strands,
        cord: cord.slug,
        need_mm: need,
        fits: wider?.slug ?? null,
      },
    },
  ];
}
