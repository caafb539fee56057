import { parseJson } from '../formats/json';
import { problemResponse } from './problem-response';

/** A pasted list of 5,000 lines is well under this; nothing a page sends is over it. */
const MOST_BYTES = 1_000_000;

/** Reads what was sent, counting as it comes: what a request says of its own length is not believed. Null where it is too much. */
async function readBytes(request: Request, most: number): Promise<Uint8Array | null> {
  if (Number(request.headers.get('content-length') ?? 0) > most) return null;
  if (!request.body) return new Uint8Array();
  const reader = request.body.getReader();
  const parts: Uint8Array[] = [];
  let size = 0;
  for (;;) {
    const { done, value } = await reader.read();
    if (done) break;
    size += value.byteLength;
    if (size > most) {
      await reader.cancel();
      return null;
    }
    parts.push(value);
  }
  const all = new Uint8Array(size);
  let at = 0;
  for (const part of parts) {
    all.set(part, at);
    at += part.byteLength;
  }
  return all;
}

/** No document is nested deeper. */
const DEEPEST = 40;

/** Where in a value there is a text that no database keeps and no page shows: with a NUL in it, or half of a character. */
export function badText(value: unknown, at = '', depth = 0): string | null {
  if (depth > DEEPEST) return at;
  if (typeof value === 'string') return isGoodText(value) ? null : at;
  if (Array.isArray(value)) {
    for (const [i, inner] of value.entries()) {
      const found = badText(inner, `${at}/${i}`, depth + 1);
      if (found !== null) return found;
    }
    return null;
  }
  if (value === null || typeof value !== 'object') return null;
  for (const [key, inner] of Object.entries(value)) {
    if (!isGoodText(key)) return at;
    const found = badText(inner, `${at}/${key.replaceAll('~', '~0').replaceAll('/', '~1')}`, depth + 1);
    if (found !== null) return found;
  }
  return null;
}

/** Whether a text is whole characters, none of them NUL. */
export const isGoodText = (text: string): boolean => !text.includes('\0') && text.isWellFormed();

/** The JSON that was sent, or the answer that says what is wrong with it. */
export async function readJson(request: Request): Promise<{ readonly value: unknown } | Response> {
  if (!request.headers.get('content-type')?.startsWith('application/json'))
    return problemResponse(415, 'not-json', 'Send JSON, with content type application/json.');
  const bytes = await readBytes(request, MOST_BYTES);
  if (!bytes) return problemResponse(413, 'too-large', 'That is over 1 MB. Send it in parts.');
  let text: string;
  try {
    text = new TextDecoder('utf-8', { fatal: true }).decode(bytes);
  } catch {
    return problemResponse(400, 'malformed', 'The request is not UTF-8 text.', { pointer: '' });
  }
  const parsed = parseJson(text);
  if (!parsed.ok) return problemResponse(400, 'malformed', `The request is ${parsed.fault.error}`, { pointer: '' });
  const bad = badText(parsed.value);
  if (bad !== null)
    return problemResponse(422, 'invalid', 'This text holds a sign that cannot be kept: type it anew.', {
      pointer: bad,
    });
  return parsed;
}
