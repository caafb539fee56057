import { lookUp, type Catalogue } from '../../core/project';
import { cordOf } from '../../core/shelf';

/** An item's name from the catalogue, or null where the catalogue has no such thing. */
export function nameOf(id: string, { cords, hardware }: Catalogue): string | null {
  const [kind, slug = ''] = id.split('/');
  const cord = cordOf(id);
  if (cord) {
    const found = Object.hasOwn(cords, cord.cord) ? cords[cord.cord] : undefined;
    const colour = found?.colours.find((c) => c.slug === cord.colour);
    return found && colour ? `${found.name}, ${colour.name}` : null;
  }
  if (kind === 'hardware') return Object.hasOwn(hardware, slug) ? hardware[slug]!.name : null;
  return null;
}

/** The colour of a cord's item; null for anything else. */
export function hexOf(id: string, { cords }: Catalogue): string | null {
  const cord = cordOf(id);
  return cord ? (lookUp(cords, cord.cord)?.colours.find((colour) => colour.slug === cord.colour)?.hex ?? null) : null;
}
