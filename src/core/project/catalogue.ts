import type { Cord } from '../cord';
import type { Hardware } from '../part';
import type { Project } from './project';

/** Everything a piece may be made from, by slug. */
export interface Catalogue {
  readonly projects: Readonly<Record<string, Project>>;
  readonly cords: Readonly<Record<string, Cord>>;
  readonly hardware: Readonly<Record<string, Hardware>>;
}

/** The entry of a slug. Slugs are checked where a document comes in, so a missing one here is a fault of the program. */
export function entry<T>(table: Readonly<Record<string, T>>, slug: string): T {
  const found = Object.hasOwn(table, slug) ? table[slug] : undefined;
  if (!found) throw new Error(`“${slug}” is not in the catalogue`);
  return found;
}
