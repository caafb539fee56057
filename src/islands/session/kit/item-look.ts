import type { SessionView } from '../../../app/session';
import { cordOf, hardwareItem } from '../../../core/shelf';

/** The name and colour of an item, from the session's catalogue. */
export function itemLook(item: string, { catalogue }: SessionView['studio']): { name: string; hex: string | null } {
  const cord = cordOf(item);
  if (cord) {
    const found = catalogue.cords[cord.cord];
    const colour = found?.colours.find((c) => c.slug === cord.colour);
    return { name: `${found?.name ?? cord.cord}, ${colour?.name ?? cord.colour}`, hex: colour?.hex ?? null };
  }
  const piece = Object.values(catalogue.hardware).find(({ slug }) => hardwareItem(slug) === item);
  return { name: piece?.name ?? item, hex: null };
}
