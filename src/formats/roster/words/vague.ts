import { birthdayAt } from './birthday';
import { matchAt } from './tokens';

/** A wrist told by a size of clothes, or in a word. */
const SIZE =
  /(?:size[ :]{1,2}(?:x{0,3}[sl]|m|small|medium|large)|(?:small|medium|large|slim|thin|thick|big|tiny|average)[ -](?:wrists?|size))(?!\p{L})/iuy;
const BORN = /(?:b\.|born|geb\.|d\.?o\.?b\.?|date of birth)[: ]{0,2}(?:(?:in|on) )?/iuy;
const YEAR = /(?:\d{4}|['’]\d{2})(?!\d)/iuy;

/** An answer in a column of its own, between tabs. */
const ANSWER = /(?:(yes|y)|no|n|maybe)(?=\t|$)/iuy;

/** What says something of a seat and is no number of it. */
export interface Vague {
  readonly to: number;
  readonly as: 'wrist' | 'age' | 'line' | 'noise';
  /** Null where there is nothing to ask. */
  readonly problem: string | null;
  /** The days a birthday may be. */
  readonly born?: readonly string[];
}

/** What is too vague to reckon with at a place of a line: it is kept, and asked about. */
export function vagueAt(line: string, at: number): Vague | null {
  const size = matchAt(SIZE, line, at)?.[0];
  if (size)
    return { to: at + size.length, as: 'wrist', problem: `“${size}” is no length: how long is it round the wrist?` };
  const answer = line[at - 1] === '\t' ? matchAt(ANSWER, line, at) : null;
  if (answer) {
    const [text, yes] = answer;
    const to = at + text.length;
    return yes
      ? { to, as: 'noise', problem: null }
      : { to, as: 'line', problem: `“${text}”: is there a seat for them?` };
  }
  const born = matchAt(BORN, line, at)?.[0];
  if (born === undefined) return null;
  const birthday = birthdayAt(line, at + born.length);
  const to = birthday?.to ?? at + born.length + (matchAt(YEAR, line, at + born.length)?.[0].length ?? 0);
  if (to === at + born.length) return null;
  const problem = `“${line.slice(at, to)}”: how old are they?`;
  return { to, as: 'age', problem, ...(birthday && { born: birthday.days }) };
}
