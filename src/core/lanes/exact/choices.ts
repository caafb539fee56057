import type { Grains } from './grains';
import type { Instance } from '../instance';

/** A choice of pieces that are all cut from, as bar indices, short ones first: there are fewest ways to fill those. */
export interface Choice {
  readonly order: readonly number[];
  readonly fresh: number;
  /** What is left over all of them together. */
  readonly rest: number;
  /** No filling of them leaves less scrap. */
  readonly scrap: number;
}

/** More choices than these are not looked through. */
const MOST_CHOICES = 5_000;

/** Every choice of pieces that is long enough in sum and opens no more fresh stock than a limit. None where there are too many. */
export function choicesOf(
  { bars }: Instance,
  { widths, counts, cuts, lengths, keep }: Grains,
  mostFresh: number,
): Choice[] {
  const wanted = widths.reduce((sum, width, want) => sum + width * counts[want]!, 0);
  const all: Choice[] = [];
  const times = bars.map(() => 0);
  const choose = (bar: number, pieces: number, length: number, fresh: number): boolean => {
    if (pieces > cuts) return true;
    if (bar < 0) {
      const rest = length - wanted;
      if (rest < 0) return true;
      const order = times.flatMap((n, own) => Array.from({ length: n }, () => own));
      all.push({ order, fresh, rest, scrap: rest < keep ? rest : 0 });
      return all.length <= MOST_CHOICES;
    }
    const { length: own, fresh: isFresh, ids } = bars[bar]!;
    for (let n = 0; n <= ids.length; n++) {
      if (isFresh && fresh + n * own > mostFresh) break;
      times[bar] = n;
      if (!choose(bar - 1, pieces + n, length + n * lengths[bar]!, fresh + (isFresh ? n * own : 0))) return false;
    }
    times[bar] = 0;
    return true;
  };
  return choose(bars.length - 1, 0, 0, 0) ? all : [];
}

/** Of so much left over, how many of some pieces may keep a remnant that goes back on the shelf. */
export const keepable = (rest: number, keep: number, pieces: number): number =>
  keep <= 0 ? pieces : Math.min(pieces, Math.floor(rest / keep));

/**
 * The least scrap of the pieces from each place on, by how many of them keep a usable remnant and how many lengths are cut from
 * them: from what each can be filled to by itself.
 */
export function leastScrap({ rests, cuts, keep }: Grains, order: readonly number[]): Float64Array[][] {
  const table: Float64Array[][] = [];
  const none = Float64Array.from({ length: cuts + 1 }, (_, n) => (n === 0 ? 0 : Infinity));
  table[order.length] = Array.from({ length: order.length + 1 }, () => none);
  for (let at = order.length - 1; at >= 0; at--) {
    const after = table[at + 1]!;
    table[at] = after.map((_, kept) => {
      const least = new Float64Array(cuts + 1).fill(Infinity);
      for (let own = 1; own <= cuts; own++) {
        const rest = rests[order[at]!]![own]!;
        if (rest === Infinity) continue;
        const scrap = rest < keep ? rest : 0;
        for (let n = own; n <= cuts; n++) {
          least[n] = Math.min(least[n]!, scrap + after[kept]![n - own]!);
          if (kept > 0) least[n] = Math.min(least[n]!, after[kept - 1]![n - own]!);
        }
      }
      return least;
    });
  }
  return table;
}
