import { NAMES, readCell } from './columns';
import { MOST, skipped, type Line } from './lines';
import { nothingFound, type Findings } from './findings';
import type { Role, RosterLine, SpanKind } from './roster-line';
import { readSaid, type Said } from './said';
import { seatsOf, wholeSpans } from './seat-of';
import type { Phrases } from './words/vocabulary';
import { roleOf } from './words/column-roles';

const KEY = /^\s{0,4}([\p{L}][\p{L} .'’()#/-]{0,30}?)\s{0,2}[:=]\s{0,4}(.*)$/u;

/** Blocks of lines a person, a key and a value each; null where the text is none. */
export function readBlocks(
  lines: readonly Line[],
  words: Phrases,
  { spans: said }: Pick<Said, 'spans'>,
): RosterLine[] | null {
  const keys = lines.map(({ text }) => {
    const found = KEY.exec(text.slice(0, MOST));
    const role = found ? roleOf(found[1]!) : null;
    return found && role
      ? { role, value: found[2]!, at: found[0].length - found[2]!.length, heading: found[1]! }
      : null;
  });
  const filled = lines.filter(({ text }) => text.trim() !== '').length;
  const keyed = keys.filter(Boolean).length;
  const names = keys.filter((key) => key && NAMES.has(key.role) && key.role !== 'last').length;
  if (keyed < 4 || keyed < filled * 0.6 || names < 2) return null;
  const out: RosterLine[] = [];
  let block: { line: Line; found: Findings; name: string[]; parts: RosterLine[] } | null = null;
  const close = (): void => {
    if (!block) return;
    const { line, found, name, parts } = block;
    const [seat, ...others] = seatsOf(
      found,
      line.number,
      line.text,
      { project: null, skill: null },
      name.join(' ').trim(),
    );
    // Spans of the other lines of a block are theirs.
    out.push(
      { ...seat!, spans: wholeSpans([{ from: 0, to: line.text.length, as: 'name' }], line.text.length) },
      ...others,
      ...parts,
    );
    block = null;
  };
  lines.forEach((line, i) => {
    const key = keys[i];
    if (!key) {
      if (line.text.trim() === '' || !block) {
        if (line.text.trim() === '') close();
        out.push(skipped(line, line.text.trim() === '' ? 'blank' : 'text'));
        return;
      }
      block.found.notes.push(line.text.trim());
      block.parts.push(skipped(line, 'part'));
      return;
    }
    const own = said.find((span) => span.line === line.number);
    const role: Role = own ? (own.as === 'noise' ? 'free' : own.as) : key.role;
    const starts = role === 'name' || role === 'first';
    if (starts) close();
    if (starts || !block) block ??= { line, found: nothingFound(), name: [], parts: [] };
    if (block.line !== line)
      block.parts.push({
        ...skipped(line, 'part'),
        spans: wholeSpans([{ from: key.at, to: line.text.length, as: spanOf(role) }], line.text.length),
      });
    if (NAMES.has(role)) block.name.push(key.value.trim());
    else if (own) readSaid(line.text, { ...own, from: key.at, to: line.text.length }, words, block.found);
    else
      readCell(
        role,
        line.text,
        { text: key.value.trim(), from: key.at, to: line.text.length },
        key.heading,
        words,
        block.found,
      );
  });
  close();
  return out.sort((a, b) => a.line - b.line);
}

function spanOf(role: Role): SpanKind {
  if (role === 'free' || role === 'number' || role === 'contact') return 'noise';
  return role === 'first' || role === 'last' ? 'name' : role;
}
