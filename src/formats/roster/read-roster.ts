import { linesOf } from './lines';
import { readBlocks } from './read-blocks';
import { readFree } from './read-free';
import { readTable, tableOf } from './read-table';
import { NOTHING_SAID, type Said } from './said';
import type { RosterLine, RosterProject } from './roster-line';
import { joinRemarks } from './whole/join-remarks';
import { askGone, markTwins } from './whole/twins';
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
