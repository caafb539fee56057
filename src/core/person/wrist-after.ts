import type { WristMethod } from './wrist';

/** A wrist, whole mm, and how it was taken: both, or neither. */
interface Wrist {
  readonly wrist_mm: number | null;
  readonly wrist_method: WristMethod | null;
}

/** A seat before anybody took one. */
export const NO_WRIST: Wrist = { wrist_mm: null, wrist_method: null };

/**
 * A seat's wrist and how it was taken after a change: they stand or fall together. A length over an estimate, or over nothing, is a
 * tape's unless it is said; over a measured one it was taken as that was.
 *
 * @returns null where the change leaves both alone
 *
 * @example
 * wristAfter({ wrist_mm: 165 }, { wrist_mm: 160, wrist_method: 'estimate' }) // { wrist_mm: 165, wrist_method: 'tape' }
 * wristAfter({ note: 'left-handed' }, { wrist_mm: 160, wrist_method: 'told' }) // null
 */
export function wristAfter(changes: Partial<Wrist>, before: Wrist): Wrist | null {
  if (changes.wrist_mm === undefined && changes.wrist_method === undefined) return null;
  const mm = changes.wrist_mm === undefined ? before.wrist_mm : changes.wrist_mm;
  if (mm === null) return { wrist_mm: null, wrist_method: null };
  const stands = before.wrist_method === 'estimate' ? null : before.wrist_method;
  return { wrist_mm: mm, wrist_method: changes.wrist_method ?? stands ?? 'tape' };
}
