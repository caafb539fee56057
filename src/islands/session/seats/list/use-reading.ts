import { useState } from 'react';
import type { RosterRow } from '../../../../app/session/roster';
import type { Said, SaidSpan } from '../../../../app/session/roster';
import { problemOf, request } from '../../../../ui/api';
import { NO_EDIT, type Edit } from './list-rows';

export type Word = Said['words'][number];
export type Column = Said['columns'][number];
const NOTHING: Said = { spans: [], columns: {}, words: [] };

/** A list under way: how it was read, what was said of it since, and what was mended by hand. */
export function useReading() {
  const [text, setText] = useState('');
  const [lines, setLines] = useState<readonly RosterRow[] | null>(null);
  const [said, setSaid] = useState<Said>(NOTHING);
  const [edits, setEdits] = useState<Readonly<Record<string, Edit>>>({});
  const [problem, setProblem] = useState<string | null>(null);
  const [reading, setReading] = useState(false);

  async function readAs(list: string, next: Said): Promise<void> {
    setReading(true);
    setProblem(null);
    try {
      setLines(await request<RosterRow[]>('POST', '/api/roster', { text: list, said: next }));
      setSaid(next);
    } catch (error) {
      setProblem(problemOf(error).message);
    } finally {
      setReading(false);
    }
  }
  const edit = (key: string, how: (before: Edit) => Edit): void =>
    setEdits((all) => ({ ...all, [key]: how(all[key] ?? NO_EDIT) }));
  return {
    lines,
    said,
    edits,
    problem,
    reading,
    edit,
    fail: setProblem,
    /** Reads a list from the beginning. */
    read: (list: string) => {
      setText(list);
      setEdits({});
      return readAs(list, NOTHING);
    },
    /** Reads it again with one stretch said to be something. */
    sayOf: (span: SaidSpan) =>
      readAs(text, {
        ...said,
        spans: [
          ...said.spans.filter((own) => own.line !== span.line || own.to <= span.from || own.from >= span.to),
          span,
        ],
      }),
    /** The same of every line that has these words. */
    sayWord: (word: Word) =>
      readAs(text, { ...said, words: [word, ...said.words.filter((own) => own.text !== word.text)] }),
    sayColumn: (index: number, as: Column) => readAs(text, { ...said, columns: { ...said.columns, [index]: as } }),
    close: () => {
      setLines(null);
      setEdits({});
      setSaid(NOTHING);
    },
  };
}
export type Reading = ReturnType<typeof useReading>;
