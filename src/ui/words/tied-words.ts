import type { Tied } from '../../core/studio';

/** Who ties a knot of several strands, in words. */
export const TIED_WORDS: Readonly<Record<Tied, string>> = { one: 'one leg round the rest', all: 'all as one' };
