import { day } from '../../../ui/words/region';
import { formatLength, type Units } from '../../../core/measure';
import type { Catalogue } from '../../../core/project';
import type { KnownPerson } from '../../../core/person';

/** What tells a known person from another of the same name, in a phrase. */
export function knownWords(
  { age, wrist_mm, taken_on, last_on, last_project }: KnownPerson,
  units: Units,
  { projects }: Catalogue,
): string {
  const made = last_project !== null && Object.hasOwn(projects, last_project) ? projects[last_project]!.name : null;
  return [
    age === null ? 'age not known' : `${age} years`,
    wrist_mm !== null && `wrist ${formatLength(wrist_mm, units)}${taken_on ? ` (${day(taken_on, 'year')})` : ''}`,
    last_on ? `last seat ${day(last_on, 'year')}${made ? `, ${made}` : ''}` : 'never seated yet',
  ]
    .filter(Boolean)
    .join(', ');
}
