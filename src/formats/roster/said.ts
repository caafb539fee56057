import type { ListWord } from '../../core/studio';
import { readCell } from './columns';
import { noteMeaning, nothingFound, type Findings, type Run } from './findings';
import { Stretch } from './read-stretch';
import type { Role } from './roster-line';
import { meaningOf, type Phrases } from './words/vocabulary';

/** What a stretch may be said to be. */
export const SAID_AS = ['name', 'wrist', 'hand', 'age', 'skill', 'project', 'colour', 'skin', 'note', 'noise'] as const;

/** What somebody said a stretch of a line is: a project, skill, skin note or colour also by what it means. */
export interface SaidSpan {
  /** From 1 on. */
  readonly line: number;
  readonly from: number;
  readonly to: number;
  readonly as: (typeof SAID_AS)[number];
  readonly means?: string;
}

/** What was said of a list: of stretches, of columns by their place, and of words wherever they stand. */
export interface Said {
  readonly spans: readonly SaidSpan[];
  readonly columns: Readonly<Record<number, Role>>;
  readonly words: readonly ListWord[];
}
export const NOTHING_SAID: Said = { spans: [], columns: {}, words: [] };

/** Takes a stretch as it was said to be. */
export function readSaid(line: string, span: SaidSpan, words: Phrases, found: Findings): void {
  const { from, to, as, means } = span;
  const text = line.slice(from, to).trim();
  if (as === 'name') {
    found.named = { from, to, text };
    found.spans.push({ from, to, as });
    return;
  }
  if (as === 'wrist' || as === 'hand' || as === 'age' || (means === undefined && as !== 'note' && as !== 'noise')) {
    readCell(as, line, { text, from, to }, '', words, found);
    return;
  }
  noteMeaning(found, meaningOf({ as, means: means ?? '' }), { from, to, text }, true);
  found.spans.push({ from, to, as });
}

/** Reads a stretch of a line, what was said of parts of it first; the rest whatever order it stands in. */
export function readAround(
  text: string,
  { from, to }: Pick<Run, 'from' | 'to'>,
  said: readonly SaidSpan[],
  ways: { readonly leads: boolean; readonly phrases: Phrases },
  found: Findings,
): void {
  let at = from;
  let { leads } = ways;
  for (const span of [...said].filter((own) => own.to > from && own.from < to).sort((a, b) => a.from - b.from)) {
    const start = Math.max(at, span.from);
    if (text.slice(at, start).trim() !== '') {
      new Stretch(text, at, start, { ...ways, leads }, found).read();
      leads = false;
    }
    readSaid(text, { ...span, from: start, to: Math.min(to, span.to) }, ways.phrases, found);
    if (span.as === 'name') leads = false;
    at = Math.max(at, Math.min(to, span.to));
  }
  if (at < to) new Stretch(text, at, to, { ...ways, leads }, found).read();
}

/** What is found in a part of a line, as if it stood alone. */
export function findingsIn(
  text: string,
  part: Pick<Run, 'from' | 'to'>,
  said: readonly SaidSpan[],
  phrases: Phrases,
): Findings {
  const found = nothingFound();
  readAround(text, part, said, { leads: true, phrases }, found);
  return found;
}
