/** Sets of lengths that some cuts can make together, a bit a length, in grains. */
export class Sums {
  private readonly words: number;
  private readonly sets: Uint32Array[];

  /** Room for so many wants, up to a length. */
  constructor(
    wants: number,
    private readonly size: number,
  ) {
    this.words = (size >>> 5) + 1;
    this.sets = Array.from({ length: wants + 1 }, () => new Uint32Array(this.words));
    this.sets[wants]![0] = 1;
  }

  /** Works out, for each want, what it and those after it can make, of so many of each. */
  fill(widths: readonly number[], left: ArrayLike<number>): void {
    for (let want = widths.length - 1; want >= 0; want--) {
      const set = this.sets[want]!;
      set.set(this.sets[want + 1]!);
      for (let copy = 0; copy < left[want]!; copy++) this.shiftInto(set, widths[want]!);
    }
  }

  /** Adds to a set each of its lengths with one width more. */
  private shiftInto(set: Uint32Array, width: number): void {
    const [jump, bits] = [width >>> 5, width & 31];
    for (let word = this.words - 1; word >= jump; word--) {
      let moved = set[word - jump]! << bits;
      if (bits > 0 && word > jump) moved |= set[word - jump - 1]! >>> (32 - bits);
      set[word]! |= moved;
    }
  }

  /** Whether a want and those after it can make some length between two, both included. */
  between(want: number, least: number, most: number): boolean {
    const from = Math.max(0, least);
    const to = Math.min(this.size, most);
    if (from > to) return false;
    const set = this.sets[want]!;
    const [first, last] = [from >>> 5, to >>> 5];
    for (let word = first; word <= last; word++) {
      let bits = set[word]!;
      if (word === first) bits &= -1 << (from & 31);
      if (word === last) bits &= -1 >>> (31 - (to & 31));
      if (bits !== 0) return true;
    }
    return false;
  }
}

/**
 * The least that can be left of a length from which so many cuts are made, in grains, by their number; Infinity where none fit. Every
 * length sees all the cuts, whatever else is cut: a bound.
 */
export function leastRests(
  widths: readonly number[],
  counts: readonly number[],
  lengths: readonly number[],
): Float64Array[] {
  const cuts = counts.reduce((sum, n) => sum + n, 0);
  const size = Math.max(...lengths);
  const words = (size >>> 5) + 1;
  const byCount = Array.from({ length: cuts + 1 }, () => new Uint32Array(words));
  byCount[0]![0] = 1;
  let so = 0;
  counts.forEach((count, want) => {
    const [jump, bits] = [widths[want]! >>> 5, widths[want]! & 31];
    for (let copy = 0; copy < count; copy++, so++)
      for (let n = so; n >= 0; n--) {
        const [from, to] = [byCount[n]!, byCount[n + 1]!];
        for (let word = words - 1; word >= jump; word--) {
          let moved = from[word - jump]! << bits;
          if (bits > 0 && word > jump) moved |= from[word - jump - 1]! >>> (32 - bits);
          to[word]! |= moved;
        }
      }
  });
  return lengths.map((length) =>
    Float64Array.from(byCount, (set) => {
      let sum = length;
      while (sum >= 0 && !(set[sum >>> 5]! & (1 << (sum & 31)))) sum--;
      return sum < 0 ? Infinity : length - sum;
    }),
  );
}
