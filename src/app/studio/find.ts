import { kindOf } from '../../core/shelf';
import { FIGURES } from '../../core/studio';
import { inTransaction } from '../../data/database/transaction';
import { listPeople } from '../../data/people';
import { listSessions } from '../../data/sessions';
import { lotsNumbered } from '../../data/shelf/lots';
import { shelfLines } from '../shelf/shelf';
import { nameOf } from '../shelf/item-names';
import { readStudio } from './studio';

/** Something found, and where it is. `on` is the day it is held, of a session. */
export interface Found {
  readonly kind: 'session' | 'person' | 'project' | 'shelf' | 'setting';
  readonly title: string;
  readonly under?: string;
  readonly on?: string;
  readonly href: string;
}

/** As many of a kind as one looks over. */
const MOST = 6;
const WORDS = { cord: 'Cord', hardware: 'Hardware', consumable: 'Consumable', tool: 'Tool' } as const;

/** Whatever has all the words in its name: sessions, people, projects, things and lots of the shelf, settings. */
export function findAnything(text: string): Promise<Found[]> {
  const wanted = text.trim().toLowerCase();
  const words = wanted.split(/\s+/).filter(Boolean);
  if (words.length === 0) return Promise.resolve([]);
  const has = (name: string): boolean => words.every((word) => name.toLowerCase().includes(word));
  return inTransaction(async (t) => {
    const { catalogue } = await readStudio(t);
    const sessions = await listSessions(MOST, 0, t, wanted);
    const people = await listPeople(wanted, MOST, t);
    const { lines } = await shelfLines(t);
    // A number is a lot's, as it is written on it.
    const lots = /^\d{1,9}$/.test(wanted) ? await lotsNumbered([Number(wanted)], t) : [];
    return [
      ...sessions.map(({ id, title, place, held_on }): Found => ({
        kind: 'session',
        title,
        under: place,
        on: held_on,
        href: `/sessions/${id}/seats`,
      })),
      ...people.map(({ id, name }): Found => ({ kind: 'person', title: name, href: `/people?person=${id}` })),
      ...Object.values(catalogue.projects)
        .filter(({ name }) => has(name))
        .slice(0, MOST)
        .map(({ slug, name, summary }): Found => ({
          kind: 'project',
          title: name,
          under: summary,
          href: `/projects/${slug}`,
        })),
      ...lots.map(({ id, number, kind, item, place }): Found => ({
        kind: 'shelf',
        title: `${kind} ${number}: ${nameOf(item, catalogue) ?? item}`,
        under: place,
        href: `/shelf?lot=${id}`,
      })),
      ...lines
        .filter(({ doc }) => has(doc.name))
        .slice(0, MOST)
        .map(({ doc }): Found => ({
          kind: 'shelf',
          title: doc.name,
          under: WORDS[kindOf(doc.id)],
          href: `/shelf?item=${encodeURIComponent(doc.id)}`,
        })),
      ...FIGURES.filter(({ label, group }) => has(`${label} ${group}`))
        .slice(0, MOST)
        .map(({ name, label, group }): Found => ({
          kind: 'setting',
          title: label,
          under: group,
          href: `/settings#${name}`,
        })),
    ];
  });
}
