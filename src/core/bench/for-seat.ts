import { OWN_PAGE, undoneKeys } from './undo';
import type { ProgressEntry } from './progress';

/** The newest entries of a page are sent one by one: it knows by their keys what of its own has arrived. Twice what it sends at once. */
const RECENT_COUNT = 200;

/**
 * What a seat's own page is sent of its seat and its room, in order: nothing that was undone, no keys but those of its own entries,
 * and older counts added up, so that the answer stays small however much was entered.
 *
 * @param entries of the seat and of the room
 *
 * @example
 * entriesForSeat([{ n: 1, key: 'k', seat: null, what: 'begin', by: 'desk' }])[0].key // 'entry-1'
 */
export function entriesForSeat(entries: readonly ProgressEntry[]): ProgressEntry[] {
  const undone = undoneKeys(entries);
  const standing = entries
    .filter(({ what, key }) => what !== 'undo' && !undone.has(key))
    .map((entry): ProgressEntry =>
      entry.by === OWN_PAGE ? entry : { ...entry, key: `entry-${entry.n}`, by: 'bench' },
    );
  const older = standing.slice(0, -RECENT_COUNT);
  return [...older.reduce(addedUp, []), ...standing.slice(-RECENT_COUNT)];
}

/** Entries with one more: a count joins the counts right before it, a step replaces the step before it. */
function addedUp(before: ProgressEntry[], entry: ProgressEntry): ProgressEntry[] {
  const last = before.at(-1);
  if (entry.what === 'made' && last?.what === 'made') {
    before[before.length - 1] = { ...entry, value: Number(last.value) + Number(entry.value) };
    return before;
  }
  const at =
    entry.what === 'made' || entry.what === 'length' ? -1 : before.findLastIndex(({ what }) => what === entry.what);
  if (at >= 0) before.splice(at, 1);
  before.push(entry);
  return before;
}
