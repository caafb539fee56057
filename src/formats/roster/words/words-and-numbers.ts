import type { Run } from '../findings';
import { AFTER_NAME, NUMBERED } from './patterns';

const runOf = (text: string, from: number, to: number): Run => ({ from, to, text: text.slice(from, to).trimEnd() });

/** Words and the number at their end, “Wren 15”: it is not of them; of “Guest 15” it is. */
function endOf(line: string, { from, to }: Pick<Run, 'from' | 'to'>): { runs: Run[]; smalls: Run[] } {
  const text = line.slice(from, to);
  const [after, last] =
    (NUMBERED.test(text) ? null : /(?:^|(?<=[\p{L}\p{M}.)] {1,3}|[=:]))(\d{1,2})(?: ?[()]|[.!])?$/u.exec(text)) ?? [];
  const end = to - (after?.length ?? 0);
  return {
    runs: end > from ? [runOf(line, from, end)] : [],
    smalls: last === undefined ? [] : [runOf(line, end, end + last.length)],
  };
}

/** What words that nothing took come to: words, and whole numbers that stand by themselves. `leads` where they may be a name. */
export function wordsAndNumbers(
  line: string,
  run: Pick<Run, 'from' | 'to'>,
  leads: boolean,
): { runs: Run[]; smalls: Run[] } {
  // “Pell 17 loop”: what stands behind the number of a name is no name.
  const name = leads ? AFTER_NAME.exec(line.slice(run.from, run.to))?.[0] : undefined;
  if (name === undefined) return endOf(line, run);
  const to = run.from + name.length;
  const [first, rest] = [
    endOf(line, { from: run.from, to: run.from + name.trimEnd().length }),
    endOf(line, { from: to, to: run.to }),
  ];
  return { runs: [...first.runs, ...rest.runs], smalls: [...first.smalls, ...rest.smalls] };
}
