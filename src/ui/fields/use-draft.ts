import { useRef, useState } from 'react';
import { useTypedEarly } from './use-typed-early';

/**
 * What is being written in a field over the value it shows: the text, and what is wrong with it. When the value itself
 * changes, the draft was of another value and gives way to it.
 */
export function useDraft(shown: string) {
  const [draft, setDraft] = useState<{
    readonly of: string;
    readonly text: string;
    readonly problem: string | null;
  } | null>(null);
  // Dropped for good, so that it does not come back when an undo brings the old value back.
  if (draft && draft.of !== shown) setDraft(null);
  const live = draft?.of === shown ? draft : null;
  const told = useRef<string | null>(null);
  const write = (text: string): void => {
    told.current = null;
    setDraft({ of: shown, text, problem: null });
  };
  return {
    /** Goes on what frames the field. */
    frame: useTypedEarly<HTMLSpanElement>(shown, write),
    text: live?.text ?? shown,
    problem: live?.problem ?? null,
    write,
    /** Whether this is to be told now: Enter tells it, and leads on, so that the field is left and would tell it again. */
    tells: (written: string): boolean => {
      const isNew = told.current !== written;
      told.current = written;
      return isNew;
    },
    /** Keeps the text and says what is wrong with it. */
    object: (problem: string) => setDraft({ of: shown, text: live?.text ?? shown, problem }),
    drop: () => setDraft(null),
  };
}
