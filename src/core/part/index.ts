import { buckle } from './buckle';
import { fusedEnd } from './fused-end';
import { larksHead } from './larks-head';
import { overhandLoop } from './overhand-loop';
import type { Part } from './part';
import { ring } from './ring';
import { sleeveJoin } from './sleeve-join';
import { tuckJoin } from './tuck-join';
import { tuckedEnd } from './tucked-end';

export { HardwareSchema, type Hardware } from './hardware';
export type { Part, PartContext, PartUse } from './part';

const ALL = [larksHead, buckle, ring, overhandLoop, fusedEnd, tuckedEnd, sleeveJoin, tuckJoin];

/** Every part, by slug. A new one is a file beside these and a word in the list above. */
export const PARTS: Readonly<Record<string, Part>> = Object.fromEntries(ALL.map((part) => [part.slug, part]));
