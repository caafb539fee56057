import { createContext, startTransition, useContext, useEffect, useState, type ReactNode } from 'react';
import { whenTouched } from '../touched/when-touched';

const TextOnly = createContext(false);

/** Whether fields are shown as what is written in them, for now. */
export const useAsText = (): boolean => useContext(TextOnly);

/** What is written in a field, or else its placeholder, until the field is there: as large as the field will be. */
export const AsText = ({
  id,
  text,
  placeholder,
  className = '',
}: {
  id?: string;
  text: string;
  placeholder?: string | undefined;
  className?: string;
}) => (
  <span id={id} data-soon="" className={`cell block truncate [contain:inline-size] ${className}`}>
    {text || <span className="quiet">{placeholder}</span>}
  </span>
);

/** Between two parts of a page whose fields are put in, milliseconds: others have their turn. */
const TURN = 16;

/**
 * Fields far down a page, which are what is written in them until somebody works on the page, and it is their turn. A field costs a
 * browser many times what its text does: a long list is there sooner, and answers. Those before the first turn are there from the
 * first.
 */
export function Later({ turn, children }: { turn: number; children: ReactNode }) {
  const [asText, setAsText] = useState(turn > 0);
  useEffect(() => {
    if (!asText) return undefined;
    let isHere = true;
    void whenTouched()
      .then(() => new Promise((done) => setTimeout(done, turn * TURN)))
      .then(() => isHere && startTransition(() => setAsText(false)));
    return () => {
      isHere = false;
    };
  }, [turn, asText]);
  return <TextOnly value={asText}>{children}</TextOnly>;
}
