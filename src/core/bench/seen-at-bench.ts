import { seatAtWork, workedMinutes, type Bench } from './bench';
import type { ProgressEntry } from './progress';
import { undoneKeys } from './undo';

/**
 * What a session's bench saw of a seat: minutes at its piece, from its first step to done, pauses not counted, null where that was not seen;
 * and so many ties in so many minutes of knotting. Null where nothing of it was seen.
 *
 * @param entries all that was said at the bench, for when the seat began
 *
 * @example
 * seenAtBench(benchOf([], () => 0), [], 's') // null
 */
export function seenAtBench(
  bench: Bench,
  entries: readonly ProgressEntry[],
  seat: string,
): { readonly minutes: number | null; readonly ties: number; readonly knotting: number } | null {
  const { seen, done } = seatAtWork(bench, seat);
  const counts = seen.filter(({ made }, i) => made > 0 || (seen[i + 1]?.made ?? 0) > 0);
  const [first, latest] = [counts[0], counts.at(-1)];
  const undone = undoneKeys(entries);
  const steps = entries.filter(({ seat: of, what, key }) => of === seat && what === 'step' && !undone.has(key));
  const begins = steps.map(({ at }) => Date.parse(at)).sort((a, b) => a - b)[0] ?? first?.at;
  const minutes = done !== null && begins !== undefined && done > begins ? workedMinutes(bench, begins, done) : null;
  const ties = first && latest ? Math.max(0, latest.made - first.made) : 0;
  const knotting = first && latest ? workedMinutes(bench, first.at, latest.at) : 0;
  return minutes === null && ties === 0 ? null : { minutes, ties, knotting };
}
