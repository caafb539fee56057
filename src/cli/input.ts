import { readFileSync } from 'node:fs';
import type { Static, TSchema } from '@sinclair/typebox';
import { messageOf, type Fault } from '../core/result';
import { checker } from '../formats/check';
import { parseJson } from '../formats/json';

/** Says what is wrong as one JSON object on standard error, and ends. */
export function refuse(fault: Fault): never {
  process.stderr.write(`${JSON.stringify(fault)}\n`);
  process.exit(1);
}

/** Reads the JSON file a command is given and checks it, or refuses. */
export function readInput<S extends TSchema>(path: string | undefined, schema: S, usage: string): Static<S> {
  if (!path) refuse({ error: `Name the file: ${usage}`, at: '' });
  let text: string;
  try {
    text = readFileSync(path, 'utf8');
  } catch (error) {
    refuse({ error: `${path} cannot be read: ${messageOf(error)}`, at: '' });
  }
  const parsed = parseJson(text);
  if (!parsed.ok) refuse(parsed.fault);
  const checked = checker(schema)(parsed.value);
  if (!checked.ok) refuse(checked.fault);
  return checked.value;
}

/** Writes the answer, alone, to standard output. */
export const answer = (value: unknown): void => void process.stdout.write(`${JSON.stringify(value, null, 2)}\n`);
