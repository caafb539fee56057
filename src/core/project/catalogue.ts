import type { Cord } from '../cord';
import type { Hardware } from '../part';
import type { Project } from './project';

/** Everything a piece may be made from, by slug. */
export interface Catalogue {
  readonly projects: Readonly<Record<string, Project>>;
  readonly cords: Readonly<Record<string, Cord>>;
  readonly hardware: Readonly<Record<string, Hardware>>;
}

/**
 * What a table has under a name of its own; never what every object answers to by itself.
 *
 * @example
 * lookUp({ a: 1 }, 'a') // 1
 * lookUp({ a: 1 }, 'constructor') // undefined
 */
export const lookUp = <T>(table: Readonly<Record<string, T>>, name: string): T | undefined =>
  Object.hasOwn(table, name) ? table[name] : undefined;

/** The entry of a slug. Slugs are checked where a document comes in, so a missing one here is a fault of the program. */
export function entry<T>(table: Readonly<Record<string, T>>, slug: string): T {
  const found = lookUp(table, slug);
  if (!found) throw new Error(`“${slug}” is not in the catalogue`);
  return found;
}
