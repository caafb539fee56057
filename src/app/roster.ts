import { readRoster, type RosterLine } from '../formats/roster';
import { peopleNamed, wristsOf } from '../data/people';
import { inTransaction } from '../data/transaction';
import { Problem } from '../core/problem';
import { MOST_SEATS } from './seats';
import { readStudio } from './studio';

/** A line as read, with what is known of a person of that name. */
export interface RosterRow extends RosterLine {
  readonly known: { readonly wrist_mm: number | null; readonly taken_on: string | null } | null;
}

/** Reads a pasted list for a preview; nothing is stored. */
export function readList(text: string): Promise<RosterRow[]> {
  const written = text.split(/\r?\n/).filter((line) => line.trim()).length;
  if (written === 0)
    throw new Problem(422, 'empty-list', 'The list is empty: write or paste a line for each person.', {
      pointer: '/text',
    });
  if (written > MOST_SEATS) {
    throw new Problem(
      422,
      'too-many',
      `The list has ${written.toLocaleString('en')} lines; a session holds at most ${MOST_SEATS} seats. Split the list into several sessions.`,
      { pointer: '/text' },
    );
  }
  return inTransaction(async (t) => {
    const { catalogue } = await readStudio(t);
    const lines = readRoster(text, Object.values(catalogue.projects));
    if (lines.length === 0)
      throw new Problem(422, 'empty-list', 'No line of the list names anybody.', { pointer: '/text' });
    const people = await peopleNamed(
      lines.map((line) => line.seat.name),
      t,
    );
    const wrists = await wristsOf(
      people.map((person) => person.id),
      t,
    );
    return lines.map((line) => {
      const person = people.find((p) => p.name.toLowerCase() === line.seat.name.toLowerCase());
      const last = person && wrists.get(person.id)?.[0];
      return { ...line, known: person ? { wrist_mm: last?.mm ?? null, taken_on: last?.taken_on ?? null } : null };
    });
  });
}
