import type { ProgressEntry } from './progress';

/** The device of what a participant's own page enters. */
export const OWN_PAGE = 'own page';

/**
 * Whether one entry may take back another: only an entry of the same seat, or of the room, and a seat's own page only what it
 * entered itself.
 *
 * @example
 * mayUndo({ seat: 's', by: 'own page' }, { seat: 's', by: 'desk' }) // false
 */
export const mayUndo = (
  undo: Pick<ProgressEntry, 'seat' | 'by'>,
  target: Pick<ProgressEntry, 'seat' | 'by'>,
): boolean => undo.seat === target.seat && (undo.by !== OWN_PAGE || target.by === OWN_PAGE);

/** The keys of entries that are undone, by an entry that may. */
export function undoneKeys(entries: readonly ProgressEntry[]): ReadonlySet<string> {
  const undos = entries.filter(({ what }) => what === 'undo');
  if (undos.length === 0) return new Set();
  const byKey = new Map(entries.map((entry) => [entry.key, entry]));
  return new Set(
    undos.flatMap((undo) => {
      const target = byKey.get(String(undo.value));
      return target && mayUndo(undo, target) ? [target.key] : [];
    }),
  );
}
