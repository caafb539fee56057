import type { Filled, Instance } from './instance';
import { leastRests, Sums } from './sums';

/** A choice of pieces that are all cut from, as bar indices, short ones first: there are fewest ways to fill those. */
interface Choice {
  readonly order: readonly number[];
  readonly fresh: number;
  /** What is left over all of them together. */
  readonly rest: number;
  /** No filling of them leaves less scrap. */
  readonly scrap: number;
}

/** How good a plan is of which every cut is placed: compared in this order, less is better. */
interface Rank {
  readonly fresh: number;
  readonly scrap: number;
  readonly touched: number;
}

/** A problem is small enough to be settled by looking at every choice of pieces; its lengths, at most so many grains. */
const MOST_CUTS = 40;
const MOST_CHOICES = 5_000;
const MOST_GRAINS = 40_000;
/** Steps, by the hundred and more, of a first look for a filling. */
const SHORT_LOOK = 12;

/** A problem in grains, with what every search in it needs. */
interface Grains {
  /** Units a grain: every length is a multiple of it. */
  readonly grain: number;
  readonly widths: readonly number[];
  readonly counts: readonly number[];
  readonly cuts: number;
  readonly lengths: readonly number[];
  readonly keep: number;
  readonly rests: readonly Float64Array[];
  /** A set of sums for each piece that is being filled. */
  readonly sums: Sums[];
}

const gcd = (a: number, b: number): number => (b === 0 ? a : gcd(b, a % b));

function grainsOf({ bars, wants, keep }: Instance): Grains | null {
  const all = [...wants.map((want) => want.width), ...bars.map((bar) => bar.length), Math.round(keep)];
  const grain = all.reduce(gcd, 0);
  const widths = wants.map((want) => want.width / grain);
  const counts = wants.map((want) => want.ids.length);
  const cuts = counts.reduce((sum, n) => sum + n, 0);
  const lengths = bars.map((bar) => bar.length / grain);
  if (cuts > MOST_CUTS || Math.max(...lengths) > MOST_GRAINS) return null;
  return {
    grain,
    widths,
    counts,
    cuts,
    lengths,
    keep: Math.round(keep) / grain,
    rests: leastRests(widths, counts, lengths),
    sums: [],
  };
}

/** Every choice of pieces that is long enough in sum and opens no more fresh stock than a limit. None where there are too many. */
function choicesOf({ bars }: Instance, { widths, counts, cuts, lengths, keep }: Grains, mostFresh: number): Choice[] {
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
const keepable = (rest: number, keep: number, pieces: number): number =>
  keep <= 0 ? pieces : Math.min(pieces, Math.floor(rest / keep));

/**
 * The least scrap of the pieces from each place on, by how many of them keep a usable remnant and how many lengths are cut from
 * them: from what each can be filled to by itself.
 */
function leastScrap({ rests, cuts, keep }: Grains, order: readonly number[]): Float64Array[][] {
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

/** A choice being filled. Lengths in grains. */
class Filling {
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

const isLess = (a: Rank, b: Rank): boolean => (a.fresh - b.fresh || a.scrap - b.scrap || a.touched - b.touched) < 0;

/**
 * Settles a small problem by its choices of pieces, those first that could come to least: each is filled with less scrap than the
 * best plan so far, or as much on fewer pieces, until it is shown that it cannot be. What is told last is the best there is.
 *
 * @param known how good the known plan is, in units; only better ones are looked for
 * @param running whether there is time left
 * @param onBetter told each better plan
 * @returns whether it is proved that there is none better than the last one told, or the known one
 */
export function settle(
  instance: Instance,
  known: Rank,
  running: () => boolean,
  onBetter: (filled: readonly Filled[]) => void,
): boolean {
  const grains = grainsOf(instance);
  if (!grains) return false;
  const choices = choicesOf(instance, grains, known.fresh);
  if (choices.length === 0) return false;
  let best: Rank = { ...known, scrap: known.scrap / grains.grain };
  const could = ({ fresh, scrap, order }: Choice): Rank => ({ fresh, scrap, touched: order.length });
  choices.sort((a, b) => (isLess(could(a), could(b)) ? -1 : 1));
  for (const choice of choices) {
    if (!isLess(could(choice), best)) return true;
    const least = leastScrap(grains, choice.order);
    const atLeast = least[0]![keepable(choice.rest, grains.keep, choice.order.length)]![grains.cuts]!;
    const fewest = Math.max(atLeast, choice.scrap);
    // As much scrap is better still on fewer pieces, and any is where less is opened.
    const limit = (): number =>
      choice.fresh < best.fresh ? choice.rest : choice.order.length < best.touched ? best.scrap : best.scrap - 1;
    const offer = (filled: readonly Filled[]): void => {
      onBetter(filled);
      best = { fresh: choice.fresh, scrap: scrapOf(filled, grains), touched: choice.order.length };
    };
    // A tight limit leads straight to a filling where there is one: a short look at ever looser ones.
    for (let more = 0; fewest + more <= limit(); more = 2 * more + 1) {
      let steps = SHORT_LOOK;
      const filled = new Filling(grains, choice, fewest + more, least, () => steps-- > 0).find();
      if (filled) {
        offer(filled);
        break;
      }
    }
    while (fewest <= limit()) {
      const filling = new Filling(grains, choice, limit(), least, running);
      const filled = filling.find();
      if (filling.late) return false;
      if (!filled) break;
      offer(filled);
    }
  }
  return true;
}

function scrapOf(filled: readonly Filled[], { widths, lengths, keep }: Grains): number {
  return filled.reduce((sum, { bar, counts }) => {
    let rest = lengths[bar]!;
    for (const [want, n] of counts) rest -= n * widths[want]!;
    return sum + (rest < keep ? rest : 0);
  }, 0);
}
