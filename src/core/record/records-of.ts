import {
  isSaid,
  sayMore,
  type PlannedPiece,
  type SaidOfPiece,
  type SeenAtBench,
  type YieldRecord,
} from './yield-record';

/** Something said of a piece, as it is stored; planned and seen where they came with it. */
export interface StoredEntry {
  readonly piece: string;
  readonly session: string;
  readonly maker: string;
  readonly planned: PlannedPiece | null;
  readonly seen: SeenAtBench | null;
  readonly said: SaidOfPiece;
}

/**
 * Records as they stand, of all entries in the order in which they were made: the newest over the older. Pieces of which nothing is planned,
 * or nothing said (any more), are left out. By the day they were made on: a history from elsewhere may come later and be older.
 *
 * @example
 * recordsOf([]).length // 0
 */
export function recordsOf(entries: readonly StoredEntry[]): YieldRecord[] {
  const found = new Map<string, StoredEntry>();
  for (const entry of entries) {
    const before = found.get(entry.piece);
    found.set(
      entry.piece,
      before
        ? {
            ...entry,
            // What came along with an entry stands until other comes.
            ...(entry.planned === null && { planned: before.planned, seen: before.seen }),
            said: sayMore(before.said, entry.said),
          }
        : entry,
    );
  }
  return [...found.values()]
    .flatMap(({ planned, seen, said, ...rest }) =>
      planned && (isSaid(said) || seen) ? [{ ...rest, planned, seen, said }] : [],
    )
    .sort((a, b) => (a.planned.held_on < b.planned.held_on ? -1 : a.planned.held_on > b.planned.held_on ? 1 : 0));
}
