/** No document is nested deeper. */
export const MAX_DEPTH = 40;
/** The most bytes of one row: a session of 1,000 seats with its whole plan is well under it. */
const MAX_ROW_BYTES = 32_000_000;

const [QUOTE, BACKSLASH, COMMA] = [0x22, 0x5c, 0x2c];
const [OPEN_LIST, CLOSE_LIST, OPEN_OBJECT, CLOSE_OBJECT] = [0x5b, 0x5d, 0x7b, 0x7d];
const isSpace = (byte: number): boolean => byte === 0x20 || byte === 0x0a || byte === 0x0d || byte === 0x09;

/**
 * The JSON texts of the objects in a list, one by one as its bytes come in, so that a list of any length is read in the memory of one
 * row. The standard parser reads each; this only finds where each ends.
 *
 * @throws where it is no list of objects, a row is too large or nested too deep, or the text ends before the list does
 */
export async function* splitRows(chunks: AsyncIterable<Uint8Array>): AsyncGenerator<string> {
  let parts: Uint8Array[] = [];
  let size = 0;
  let depth = 0;
  let isInText = false;
  let isEscaped = false;
  /** What may come next between rows: the list itself, a row or its end, a comma or its end, or nothing. */
  let between: 'list' | 'first' | 'row' | 'comma' | 'nothing' = 'list';
  const keep = (part: Uint8Array): void => {
    size += part.length;
    if (size > MAX_ROW_BYTES) throw new Error('holds a row that is too large');
    parts.push(part);
  };
  for await (const chunk of chunks) {
    let from = 0;
    for (let i = 0; i < chunk.length; i++) {
      const byte = chunk[i]!;
      if (depth === 0) {
        if (isSpace(byte) || (between === 'list' && (byte === 0xef || byte === 0xbb || byte === 0xbf))) continue;
        if (between === 'list' && byte === OPEN_LIST) between = 'first';
        else if (byte === CLOSE_LIST && (between === 'first' || between === 'comma')) between = 'nothing';
        else if (byte === COMMA && between === 'comma') between = 'row';
        else if (byte === OPEN_OBJECT && (between === 'first' || between === 'row')) {
          depth = 1;
          from = i;
        } else throw new Error('is not a list of rows');
        continue;
      }
      if (isInText) {
        if (isEscaped) isEscaped = false;
        else if (byte === BACKSLASH) isEscaped = true;
        else if (byte === QUOTE) isInText = false;
      } else if (byte === QUOTE) isInText = true;
      else if (byte === OPEN_OBJECT || byte === OPEN_LIST) {
        depth += 1;
        if (depth > MAX_DEPTH) throw new Error('is nested too deep');
      } else if (byte === CLOSE_OBJECT || byte === CLOSE_LIST) {
        depth -= 1;
        if (depth > 0) continue;
        keep(chunk.subarray(from, i + 1));
        yield Buffer.concat(parts).toString();
        parts = [];
        size = 0;
        between = 'comma';
      }
    }
    if (depth > 0) keep(chunk.slice(from));
  }
  if (between !== 'nothing') throw new Error('ends before its list does');
}
