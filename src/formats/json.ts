import type { Checked } from './check';

/** Parses JSON text; a fault names the place, which for malformed text is the whole document. */
export function parseJson(text: string): Checked<unknown> {
  try {
    return { ok: true, value: JSON.parse(text.replace(/^\uFEFF/, '')) };
  } catch (error) {
    return { ok: false, fault: { error: `not JSON: ${(error as Error).message}`, at: '' } };
  }
}
