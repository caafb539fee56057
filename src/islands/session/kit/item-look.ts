import { lookUp } from '../../../core/project';
import type { SessionView, BagLine } from '../../../core/session';
import { formatLength, type Units } from '../../../core/measure';
import { cordOf, hardwareItem } from '../../../core/shelf';

/** The name and colour of an item, from the session's catalogue. */
export function itemLook(item: string, { catalogue }: SessionView['studio']): { name: string; hex: string | null } {
  const cord = cordOf(item);
  if (cord) {
    const found = lookUp(catalogue.cords, cord.cord);
    const colour = found?.colours.find((c) => c.slug === cord.colour);
    return { name: `${found?.name ?? cord.cord}, ${colour?.name ?? cord.colour}`, hex: colour?.hex ?? null };
  }
  const piece = Object.values(catalogue.hardware).find(({ slug }) => hardwareItem(slug) === item);
  return { name: piece?.name ?? item, hex: null };
}

/** A line of a bag in words: how many, how long, of what. */
export const lineWords = ({ item, count, mm }: BagLine, studio: SessionView['studio'], units: Units): string =>
  `${count} × ${mm === null ? '' : `${formatLength(mm, units, 'up')} of `}${itemLook(item, studio).name}`;
