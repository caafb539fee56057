import { keepable, type Choice } from './choices';
import type { Grains } from './grains';
import type { Filled } from '../instance';
import { Sums } from './sums';

/** A choice being filled. Lengths in grains. */
export class Filling {
  private readonly left: Int32Array;
  /** So many of each want, for each piece that is filled. */
  private readonly filled: Int32Array[] = [];
  /** At each place, by what is left of the cuts, the least scrap so far with which the rest could not be filled. */
  private readonly failed: Map<number, number>[] = [];
  /** What is left of the cuts as one number, a digit a want; below 2 to the number of cuts. */
  private code = 0;
  private readonly digits: number[] = [];
  private cutsLeft: number;
  private steps = 0;
  /** Whether time ran out before everything was looked at. */
  late = false;

  constructor(
    private readonly grains: Grains,
    private readonly choice: Choice,
    private readonly mostScrap: number,
    private readonly least: readonly Float64Array[][],
    private readonly running: () => boolean,
  ) {
    this.left = Int32Array.from(grains.counts);
    this.cutsLeft = grains.cuts;
    let digit = 1;
    for (const count of grains.counts) {
      this.digits.push(digit);
      this.code += count * digit;
      digit *= count + 1;
    }
    for (let at = 0; at < choice.order.length; at++) this.failed.push(new Map());
  }

  /** All of the cuts on all of the pieces, with no more scrap than the limit; null where that cannot be, or was not found in time. */
  find(): Filled[] | null {
    if (!this.next(0, this.choice.rest, 0)) return null;
    return this.filled.map((taken, at) => ({
      bar: this.choice.order[at]!,
      counts: new Map([...taken].flatMap((n, want) => (n > 0 ? [[want, n] as const] : []))),
    }));
  }

  private tired(): boolean {
    if (!this.late && (++this.steps & 255) === 0 && !this.running()) this.late = true;
    return this.late;
  }

  private next(at: number, rest: number, scrap: number): boolean {
    const { order } = this.choice;
    const { keep, widths, lengths, sums } = this.grains;
    if (at === order.length) return this.cutsLeft === 0;
    const atLeast = this.least[at]![keepable(rest, keep, order.length - at)]![this.cutsLeft]!;
    if (scrap + atLeast > this.mostScrap) return false;
    const { code } = this;
    const before = this.failed[at]!.get(code);
    if (before !== undefined && before <= scrap) return false;
    const length = lengths[order[at]!]!;
    const own = (sums[at] ??= new Sums(widths.length, Math.max(...lengths)));
    own.fill(widths, this.left);
    if (!this.canAllEnd(at, rest, scrap, own)) {
      this.failed[at]!.set(code, scrap);
      return false;
    }
    const taken = new Int32Array(widths.length);
    const scrapLeft = Math.min(this.mostScrap - scrap, rest, keep - 1);
    const take = (want: number, used: number, cuts: number): boolean => {
      if (this.tired()) return false;
      if (want === widths.length) return this.close(at, rest, scrap, length - used, taken, cuts);
      const open = length - used;
      const canEnd =
        own.between(want, open - scrapLeft, open) || (rest >= keep && own.between(want, open - rest, open - keep));
      if (!canEnd) return false;
      const width = widths[want]!;
      const fewest = at === order.length - 1 ? this.left[want]! : 0;
      for (let n = Math.min(this.left[want]!, Math.floor(open / width)); n >= fewest; n--) {
        taken[want] = n;
        if (take(want + 1, used + n * width, cuts + n)) return true;
      }
      taken[want] = 0;
      return false;
    };
    const done = take(0, 0, 0);
    if (!done && !this.late) this.failed[at]!.set(code, scrap);
    return done;
  }

  /** Whether every piece from one on can still end with as little scrap as is left, or with a remnant that few enough may keep. */
  private canAllEnd(at: number, rest: number, scrap: number, own: Sums): boolean {
    const { order } = this.choice;
    const { keep, lengths } = this.grains;
    const scrapLeft = Math.min(this.mostScrap - scrap, rest, keep - 1);
    let kept = keepable(rest, keep, order.length - at);
    for (let i = at; i < order.length; i++) {
      const length = lengths[order[i]!]!;
      if (own.between(0, length - scrapLeft, length)) continue;
      if (kept-- <= 0 || !own.between(0, length - rest, length - keep)) return false;
    }
    return true;
  }

  /** One piece is filled: the rest of them, or back. */
  private close(at: number, rest: number, scrap: number, over: number, taken: Int32Array, cuts: number): boolean {
    const more = over < this.grains.keep ? over : 0;
    if (cuts === 0 || over > rest || scrap + more > this.mostScrap) return false;
    this.filled.push(taken);
    this.move(taken, -1);
    this.cutsLeft -= cuts;
    if (this.next(at + 1, rest - over, scrap + more)) return true;
    this.cutsLeft += cuts;
    this.move(taken, 1);
    this.filled.pop();
    return false;
  }

  /** Takes cuts from what is left, or gives them back. */
  private move(taken: Int32Array, way: 1 | -1): void {
    for (let want = 0; want < taken.length; want++) {
      const n = way * taken[want]!;
      if (n === 0) continue;
      this.left[want]! += n;
      this.code += n * this.digits[want]!;
    }
  }
}
