import { readCell } from './columns';
import type { Findings, Run } from './findings';
import { Stretch } from './read-stretch';
import type { Role, SpanKind } from './roster-line';
import { meaningOf, type Phrases } from './words/vocabulary';

/** What somebody said a stretch of a line is: a project, skill, skin note or colour also by what it means. */
export interface SaidSpan {
  /** From 1 on. */
  readonly line: number;
  readonly from: number;
  readonly to: number;
  readonly as: Exclude<SpanKind, 'option' | 'rest' | 'line'>;
  readonly means?: string;
}

/** What was said of a list: of stretches, and of columns by their place. */
export interface Said {
  readonly spans: readonly SaidSpan[];
  readonly columns: Readonly<Record<number, Role>>;
}
export const NOTHING_SAID: Said = { spans: [], columns: {} };

/** Takes a stretch as it was said to be. */
export function readSaid(line: string, span: SaidSpan, words: Phrases, found: Findings): void {
  const { from, to, as, means } = span;
  const text = line.slice(from, to).trim();
  if (as === 'name') {
    found.named = { from, to, text };
    found.spans.push({ from, to, as });
    return;
  }
  if (means === undefined || (as !== 'project' && as !== 'skill' && as !== 'skin' && as !== 'colour')) {
    if (as === 'note') found.notes.push(text);
    if (as === 'note' || as === 'noise') found.spans.push({ from, to, as });
    else readCell(as, line, { text, from, to }, '', words, found);
    return;
  }
  const meaning = meaningOf({ as, means });
  if (meaning.as === 'project') found.projects.push({ slug: meaning.slug, from, to, sure: true });
  if (meaning.as === 'skill') found.skill = meaning.skill;
  if (meaning.as === 'colour') found.colours.push({ name: text, hex: meaning.hex, from, to });
  if (meaning.as === 'skin' && meaning.avoid && !found.avoid.includes(meaning.avoid)) found.avoid.push(meaning.avoid);
  if (meaning.as === 'skin' && !meaning.avoid) found.notes.push(text);
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
    if (start > at) new Stretch(text, at, start, { ...ways, leads }, found).read();
    readSaid(text, { ...span, from: start, to: Math.min(to, span.to) }, ways.phrases, found);
    leads &&= span.as !== 'name';
    at = Math.max(at, Math.min(to, span.to));
  }
  if (at < to) new Stretch(text, at, to, { ...ways, leads }, found).read();
}
