/** A word, a number or a mark of a line, and where it stands. */
export interface Token {
  readonly text: string;
  readonly lower: string;
  readonly from: number;
  readonly to: number;
  readonly kind: 'word' | 'number' | 'mark';
}

/** Each alternative begins otherwise and none can be split in two ways: one pass over the text, whatever it is. */
const TOKEN = /[\p{L}\p{M}]+(?:['’\u2010\u2011-][\p{L}\p{M}]+)*|\d+|[^\s\p{L}\p{M}\d]/gu;

/** The tokens of a stretch of a text. */
export function tokensOf(text: string, from: number, to: number): Token[] {
  const tokens: Token[] = [];
  TOKEN.lastIndex = from;
  for (let found = TOKEN.exec(text); found && found.index < to; found = TOKEN.exec(text)) {
    const own = found[0].slice(0, to - found.index);
    tokens.push({
      text: own,
      lower: own.toLowerCase(),
      from: found.index,
      to: found.index + own.length,
      kind: /^\d/.test(own) ? 'number' : /^[\p{L}\p{M}]/u.test(own) ? 'word' : 'mark',
    });
  }
  return tokens;
}

/** Runs a sticky pattern at a place; every pattern here has bounds on whatever it repeats. */
export function matchAt(pattern: RegExp, text: string, at: number): RegExpExecArray | null {
  pattern.lastIndex = at;
  return pattern.exec(text);
}
