import { benchOf, seenAtBench, type ProgressEntry } from '../../core/bench';
import { sayMore, type SaidOfPiece } from '../../core/record';
import type { NotedSeats } from '../../core/session';

/** What stands of some pieces, from all that was said of them in order. */
export function standing(
  entries: readonly { readonly piece: string; readonly said: SaidOfPiece }[],
): Map<string, SaidOfPiece> {
  const said = new Map<string, SaidOfPiece>();
  for (const entry of entries) said.set(entry.piece, sayMore(said.get(entry.piece) ?? {}, entry.said));
  return said;
}

/** What was noted of a session's seats, and the minutes that its bench saw each take. */
export function notedOf(
  seats: readonly { readonly id: string }[],
  entries: Parameters<typeof standing>[0],
  progress: readonly ProgressEntry[],
): NotedSeats {
  const said = standing(entries);
  // Minutes do not ask how many ties a length is.
  const bench = benchOf(progress, () => 0);
  return Object.fromEntries(
    seats.flatMap(({ id }) => {
      const minutes = seenAtBench(bench, progress, id)?.minutes ?? null;
      return said.has(id) || minutes !== null ? [[id, { said: said.get(id) ?? {}, minutes }]] : [];
    }),
  );
}
