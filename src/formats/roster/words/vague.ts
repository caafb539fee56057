import { matchAt } from './tokens';

/** A wrist told by a size of clothes, or in a word. */
const SIZE =
  /(?:size[ :]{1,2}(?:x{0,3}[sl]|m|small|medium|large)|(?:small|medium|large|slim|thin|thick|big|tiny|average)[ -](?:wrists?|size))(?!\p{L})/iuy;
const BORN = /(?:b\.|born|geb\.)[ ]?(?:in )?(?:\d{4}|['’]\d{2})(?!\d)/iuy;

/** What says something of a wrist or an age and is no number of it. */
export interface Vague {
  readonly to: number;
  readonly field: 'wrist' | 'age';
  readonly problem: string;
}

/** What is too vague to reckon with at a place of a line: it is kept, and asked about. */
export function vagueAt(line: string, at: number): Vague | null {
  const size = matchAt(SIZE, line, at)?.[0];
  if (size)
    return { to: at + size.length, field: 'wrist', problem: `“${size}” is no length: how long is it round the wrist?` };
  const born = matchAt(BORN, line, at)?.[0];
  return born ? { to: at + born.length, field: 'age', problem: `“${born}”: how old are they?` } : null;
}
