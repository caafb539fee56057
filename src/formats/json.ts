import { done, messageOf, not, type Fault, type Result } from '../core/result';

/** Parses JSON text; a fault names the place, which for malformed text is the whole document. */
export function parseJson(text: string): Result<unknown, Fault> {
  try {
    return done(JSON.parse(text.replace(/^\uFEFF/, '')));
  } catch (error) {
    return not({ error: `not JSON: ${messageOf(error)}`, at: '' });
  }
}
