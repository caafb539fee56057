import { lay } from './outlook';

/** Lengths of one cord in one colour that a piece needs; which colour that is, is open. */
export interface ColourNeed {
  readonly cord: string;
  readonly lengths: readonly number[];
}

/** What is free on the shelf: pieces of each cord by colour, mm, and how many there are of everything else, by item. */
export interface Free {
  readonly pieces: Readonly<Record<string, Readonly<Record<string, readonly number[]>>>>;
  readonly counts: Readonly<Record<string, number>>;
}

/**
 * What of a piece is not on the shelf: cords of which no colour is left that is long enough in its pieces, and items of which there
 * are too few. Each colour of the piece takes another of the shelf, those that need most first.
 *
 * @example
 * notOnShelf([{ cord: 'satin-2', lengths: [900, 900] }], [], { pieces: { 'satin-2': { race: [1000] } }, counts: {} }) // ['satin-2']
 * notOnShelf([], [{ item: 'hardware/split-ring-25', count: 1 }], { pieces: {}, counts: { 'hardware/split-ring-25': 3 } }) // []
 */
export function notOnShelf(
  cords: readonly ColourNeed[],
  items: readonly { readonly item: string; readonly count: number }[],
  free: Free,
): string[] {
  const sum = (lengths: readonly number[]): number => lengths.reduce((a, b) => a + b, 0);
  const taken = new Set<string>();
  const missing = [...cords]
    .sort((a, b) => sum(b.lengths) - sum(a.lengths))
    .flatMap(({ cord, lengths }) => {
      const fits = Object.entries(free.pieces[cord] ?? {})
        .filter(([colour, pieces]) => !taken.has(`${cord} ${colour}`) && lay(pieces, lengths).missing.length === 0)
        // The least that is enough: longer ones stay for who needs more.
        .sort(([, a], [, b]) => sum(a) - sum(b))[0];
      if (!fits) return [cord];
      taken.add(`${cord} ${fits[0]}`);
      return [];
    });
  const few = items.filter(({ item, count }) => (free.counts[item] ?? 0) < count).map(({ item }) => item);
  return [...new Set([...missing, ...few])];
}
