import { agesOnDay, NOTHING_SAID, readRoster, type RosterLine, type Said } from '../../formats/roster';
import type { KnownPerson } from '../../core/person';
import { inTransaction } from '../../data/database/transaction';
import { Problem } from '../../core/problem';
import { knownPeople } from '../people/known-people';
import { MOST_SEATS } from './seats';
import { today } from '../studio/clock';
import { readStudio } from '../studio/studio';
import { vocabularyOf } from '../studio/list-words';

export type { Column, Said, SaidSpan, Span } from '../../formats/roster';

/** A line as read, with the people who are known by that name. */
export interface RosterRow extends RosterLine {
  readonly known: readonly KnownPerson[];
}

const tooMany = (count: number, of: 'lines' | 'people'): Problem =>
  new Problem(
    422,
    'too-many',
    `The list has ${count.toLocaleString('en')} ${of}; a session holds at most ${MOST_SEATS} seats. Split the list into several sessions.`,
    { pointer: '/text' },
  );

/** Reads a pasted list for a preview, with what was said of it; nothing is stored. */
export function readList(text: string, said: Said = NOTHING_SAID): Promise<RosterRow[]> {
  const written = text.split(/\r\n|\r|\n/).filter((line) => line.trim() !== '').length;
  if (written === 0)
    throw new Problem(422, 'empty-list', 'The list is empty: write or paste a line for each person.', {
      pointer: '/text',
    });
  // A person may take several lines, but not this many.
  if (written >= 10 * MOST_SEATS) throw tooMany(written, 'lines');
  return inTransaction(async (t) => {
    const { catalogue, settings } = await readStudio(t);
    const own = vocabularyOf(settings);
    // Colours may be called as the studio's cords call them.
    const colours = Object.values(catalogue.cords).flatMap((cord) => cord.colours);
    const vocabulary = {
      ...own,
      colours: { ...own.colours, ...Object.fromEntries(colours.map(({ name, hex }) => [name.toLowerCase(), hex])) },
    };
    const lines = agesOnDay(readRoster(text, Object.values(catalogue.projects), vocabulary, said), today());
    const seats = lines.filter(({ skip }) => !skip);
    if (seats.length === 0)
      throw new Problem(422, 'empty-list', 'No line of the list names anybody.', { pointer: '/text' });
    if (seats.length > MOST_SEATS) throw tooMany(seats.length, 'people');
    const known = await knownPeople(seats.map(({ seat }) => seat.name).filter(Boolean), t);
    return lines.map((line) => ({ ...line, known: known.get(line.seat.name.toLowerCase()) ?? [] }));
  });
}
