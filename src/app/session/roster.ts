import { NOTHING_SAID, type RosterLine, type Said } from '../../formats/roster';
import type { KnownPerson } from '../../core/person';
import { inTransaction } from '../../data/database/transaction';
import { Problem } from '../../core/problem';
import { knownPeople } from '../people/known-people';
import { MOST_SEATS } from './seats';
import { today } from '../studio/clock';
import { readStudio } from '../studio/studio';
import { vocabularyOf } from '../studio/list-words';
import { inThread } from '../../threads/pool';

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

/** Non-empty lines of a text, counted without making any. */
function countLines(text: string): number {
  let count = 0;
  let isFilled = false;
  for (let i = 0; i <= text.length; i++) {
    const sign = text[i] ?? '\n';
    if (sign === '\n' || sign === '\r') {
      if (isFilled) count += 1;
      isFilled = false;
    } else if (sign.trim() !== '') isFilled = true;
  }
  return count;
}

/** The longest that a list may take to be read, ms. */
const TIMEOUT_MS = 15_000;

/** Reads a pasted list for a preview, with what was said of it; nothing is stored. Given up when nobody waits for it. */
export async function readList(text: string, said: Said = NOTHING_SAID, signal?: AbortSignal): Promise<RosterRow[]> {
  const written = countLines(text);
  if (written === 0)
    throw new Problem(422, 'empty-list', 'The list is empty: write or paste a line for each person.', {
      pointer: '/text',
    });
  // A person may take several lines, but not this many.
  if (written >= 10 * MOST_SEATS) throw tooMany(written, 'lines');
  const { catalogue, settings } = await inTransaction(readStudio);
  const own = vocabularyOf(settings);
  // Colours may be called as the studio's cords call them.
  const colours = Object.values(catalogue.cords).flatMap((cord) => cord.colours);
  const vocabulary = {
    ...own,
    colours: { ...own.colours, ...Object.fromEntries(colours.map(({ name, hex }) => [name.toLowerCase(), hex])) },
  };
  const projects = Object.values(catalogue.projects);
  const lines = await inThread(
    'roster',
    { text, projects, vocabulary, said, today: today() },
    { signal, timeout: TIMEOUT_MS },
  );
  const seats = lines.filter(({ skip }) => !skip);
  if (seats.length === 0)
    throw new Problem(422, 'empty-list', 'No line of the list names anybody.', { pointer: '/text' });
  if (seats.length > MOST_SEATS) throw tooMany(seats.length, 'people');
  const names = seats.map(({ seat }) => seat.name).filter(Boolean);
  const known = await inTransaction((t) => knownPeople(names, t));
  return lines.map((line) => ({ ...line, known: known.get(line.seat.name.toLowerCase()) ?? [] }));
}
