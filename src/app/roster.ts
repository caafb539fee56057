import { readRoster, type RosterLine } from '../formats/roster';
import type { KnownPerson } from '../core/session';
import { inTransaction } from '../data/transaction';
import { Problem } from '../core/problem';
import { knownPeople } from './known-people';
import { MOST_SEATS } from './seats';
import { readStudio } from './studio';

/** A line as read, with the people who are known by that name. */
export interface RosterRow extends RosterLine {
  readonly known: readonly KnownPerson[];
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
    const known = await knownPeople(
      lines.map((line) => line.seat.name),
      t,
    );
    return lines.map((line) => ({ ...line, known: known.get(line.seat.name.toLowerCase()) ?? [] }));
  });
}
