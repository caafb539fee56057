import { done, messageOf, not, type Fault, type Result } from '../core/result';

/** No document is nested deeper: what walks a value goes down no further. */
const MAX_DEPTH = 100;

/** Whether brackets are nested deeper than any document's, looked at before anything is built of them. */
function isTooDeep(text: string): boolean {
  let depth = 0;
  let isInText = false;
  for (let i = 0; i < text.length; i++) {
    const sign = text.charCodeAt(i);
    if (isInText) {
      if (sign === 0x5c) i += 1;
      else if (sign === 0x22) isInText = false;
    } else if (sign === 0x22) isInText = true;
    else if (sign === 0x5b || sign === 0x7b) {
      depth += 1;
      if (depth > MAX_DEPTH) return true;
    } else if (sign === 0x5d || sign === 0x7d) depth -= 1;
  }
  return false;
}

/** Parses JSON text; a fault names the place, which for malformed text is the whole document. */
export function parseJson(text: string): Result<unknown, Fault> {
  if (isTooDeep(text)) return not({ error: `not JSON that can be read: nested over ${MAX_DEPTH} deep`, at: '' });
  try {
    return done(JSON.parse(text.replace(/^\uFEFF/, '')));
  } catch (error) {
    return not({ error: `not JSON: ${messageOf(error)}`, at: '' });
  }
}
