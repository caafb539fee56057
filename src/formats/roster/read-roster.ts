import { linesOf } from './lines';
import { readBlocks } from './read-blocks';
import { readFree } from './read-free';
import { readTable, tableOf } from './read-table';
import { NOTHING_SAID, type Said } from './said';
import { blankSeat, type RosterLine, type RosterProject } from './roster-line';
import { phrasesOf, SHIPPED_VOCABULARY, type Phrases, type Vocabulary } from './words/vocabulary';

const made = new WeakMap<Vocabulary, { readonly of: string; readonly phrases: Phrases }>();

/** Phrases are made once for a vocabulary and the names of a studio's projects. */
function phrases(vocabulary: Vocabulary, projects: readonly RosterProject[]): Phrases {
  const of = JSON.stringify(projects.map(({ slug, name, kind }) => [slug, name, kind]));
  const last = made.get(vocabulary);
  if (last?.of === of) return last.phrases;
  const fresh = phrasesOf(vocabulary, projects);
  made.set(vocabulary, { of, phrases: fresh });
  return fresh;
}

/** Whether a line says no more of somebody than what to mind: “Elsie can’t have nickel”. */
const onlyRemarks = ({ seat, faults, skip }: RosterLine): boolean =>
  !skip &&
  seat.name !== '' &&
  (seat.avoid.length > 0 || seat.note !== '') &&
  [seat.wrist_mm, seat.hand_mm, seat.age, seat.skill, seat.project].every((value) => value === null) &&
  faults.length === 0;

/** What a later line says of somebody who has a seat goes to that seat, and is asked about: it may be another of that name. */
function joinRemarks(lines: readonly RosterLine[]): RosterLine[] {
  const seats = new Map<string, number>();
  const joined = [...lines];
  for (const [i, line] of lines.entries()) {
    const name = line.seat.name.toLowerCase();
    const at = line.skip ? undefined : seats.get(name);
    if (at === undefined || !onlyRemarks(line)) {
      if (!line.skip && name !== '') seats.set(name, seats.get(name) ?? i);
      continue;
    }
    const { seat, faults, ...own } = joined[at]!;
    const text = line.text.trim();
    joined[at] = {
      ...own,
      seat: {
        ...seat,
        avoid: [...new Set([...seat.avoid, ...line.seat.avoid])],
        note: [seat.note, line.seat.note].filter(Boolean).join('; '),
      },
      faults: [
        ...faults,
        { field: 'line', text, problem: `“${text}” on line ${line.line}: is it said of this ${seat.name}?` },
      ],
    };
    joined[i] = { ...line, seat: blankSeat(), skip: true, kind: 'part' };
  }
  return joined;
}

/** The same name on two lines: one person twice, or two people. */
function markTwins(lines: readonly RosterLine[]): RosterLine[] {
  const seen = new Set<string>();
  return lines.map((line) => {
    const key = line.seat.name.toLowerCase();
    if (line.skip || key === '' || !seen.has(key)) {
      if (!line.skip) seen.add(key);
      return line;
    }
    const problem = `${line.seat.name} is on the list twice; remove one, or tell the two apart`;
    return { ...line, faults: [...line.faults, { field: 'name', text: line.seat.name, problem }] };
  });
}

/** A seat of somebody who is said not to come on another line: which of the two holds. */
function askGone(lines: readonly RosterLine[]): RosterLine[] {
  const gone = new Map<string, number>();
  for (const { kind, seat, line } of lines)
    if (kind === 'cancelled' && seat.name !== '') gone.set(seat.name.toLowerCase(), line);
  return lines.map((line) => {
    const other = line.skip ? undefined : gone.get(line.seat.name.toLowerCase());
    if (other === undefined) return line;
    const problem = `Line ${other} says that ${line.seat.name} is not coming: is there still a seat for them?`;
    return { ...line, faults: [...line.faults, { field: 'line', text: line.seat.name, problem }] };
  });
}

/**
 * Reads a pasted list or a file of who is coming, in whatever form it is: a table with headings or without, free lines, a chat, a
 * mail, a block of lines a person. Every line answers: with a seat, two, or as nobody’s (`skip`); every character of it lies in a span
 * that says what it was read as. Nothing is guessed in silence: what could be two things is a question. Takes time linear in the text.
 *
 * @param vocabulary what words mean; the shipped one unless a studio has its own
 * @param said what stretches and columns are, as somebody who saw them read said
 */
export function readRoster(
  text: string,
  projects: readonly RosterProject[],
  vocabulary: Vocabulary = SHIPPED_VOCABULARY,
  said: Said = NOTHING_SAID,
): RosterLine[] {
  const lines = linesOf(text);
  // What was said of words on this list goes before what the studio has taught.
  const taught = [...said.words, ...(vocabulary.taught ?? [])];
  const words = phrases(said.words.length > 0 ? { ...vocabulary, taught } : vocabulary, projects);
  const blocks = readBlocks(lines, words, said);
  const table = blocks ? null : tableOf(lines, words);
  const read = blocks ?? (table ? readTable(lines, table, words, said) : readFree(lines, words, said));
  return askGone(markTwins(joinRemarks(read)));
}
