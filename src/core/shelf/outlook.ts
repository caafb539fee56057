import { solveLanes } from '../lanes';
import { wholeMm } from '../measure';
import { wordOrder } from '../region';

/** What of one item is free, that is on the shelf and not reserved: cord in pieces of length, everything else a number. */
export interface Stock {
  readonly free: number;
  /** Lengths of cord, each continuous; empty for what is counted. */
  readonly lengths: readonly number[];
  /** True of tools: what one session uses is there again for the next. */
  readonly comesBack?: boolean;
}

/** What a session still needs of the item: lengths of cord, each with the loss of its cut; or a number. */
export interface Need {
  readonly session: string;
  readonly title: string;
  readonly on: string;
  readonly amount: number;
  readonly lengths: readonly number[];
  /** What it has reserved already: where that is all it needs, it takes nothing more. */
  readonly reserved: number;
}

/** What is on its way. */
export interface Coming {
  readonly due: string;
  readonly amount: number;
  readonly pack: number;
}

/** One session's line of an outlook: what it needs, what is there for it, and what is missing. */
export interface OutlookLine extends Need {
  readonly there: number;
  readonly short: number;
}

export interface Outlook {
  readonly lines: readonly OutlookLine[];
  /** The first day that something is missing, and how much in all. */
  readonly short_on: string | null;
  readonly short: number;
  /** Of cord, the lengths that are missing, mm; each has to come from one piece. */
  readonly missing: readonly number[];
  /** Whole packs to buy for all that is missing, and the last day to order them for the first of it. Null where not known. */
  readonly packs: number | null;
  readonly order_by: string | null;
  readonly cost: number | null;
}

/** An ISO date so many days before another. */
const daysBefore = (on: string, days: number): string =>
  new Date(Date.parse(on) - days * 86_400_000).toISOString().slice(0, 10);

/** Lays lengths out on pieces, longest first, at once; answers what is left of each piece, and the lengths that did not go. */
export function lay(pieces: readonly number[], lengths: readonly number[]): { left: number[]; missing: number[] } {
  const left = [...pieces].sort((a, b) => a - b);
  const missing: number[] = [];
  for (const length of [...lengths].sort((a, b) => b - a)) {
    const at = left.findIndex((piece) => piece >= length);
    if (at < 0) missing.push(length);
    else {
      left[at]! -= length;
      left.sort((a, b) => a - b);
    }
  }
  return { left: left.filter((piece) => piece > 0), missing };
}

/** How many packs of one length hold all of these, none cut across two. */
export function packsFor(lengths: readonly number[], pack: number): number | null {
  if (lengths.some((length) => length > pack)) return null;
  const plan = solveLanes(
    {
      loss_mm: 0,
      keep_mm: 0,
      stock: [{ id: 'pack', length_mm: pack, fresh: true, count: lengths.length }],
      cuts: lengths.map((length_mm, i) => ({ id: String(i), length_mm })),
    },
    // No time at all: the greedy answer, which a buyer can carry out.
    { seconds: 0, now: () => 0 },
  );
  return plan.lanes.length;
}

/**
 * Nets an item's needs in the order of their days against what is there and what comes in time. A length of cord must come from
 * one piece: what is long enough in sum and too short in pieces is missing all the same.
 *
 * @param buying pack (in the item's unit), price of a pack and lead days, where known
 *
 * @example
 * outlook({ free: 100, lengths: [], comesBack: false }, [{ session: 's', title: '', on: '2030-05-04', item: 'hardware/split-ring-25', amount: 120, lengths: [], reserved: 0 }], [], { pack: 50, price: 900, lead_days: 3 }).short_on // '2030-05-04'
 */
export function outlook(
  stock: Stock,
  needs: readonly Need[],
  coming: readonly Coming[],
  buying: { readonly pack: number | null; readonly price: number | null; readonly lead_days: number | null },
): Outlook {
  const isCord = stock.lengths.length > 0 || needs.some((need) => need.lengths.length > 0);
  let pieces = [...stock.lengths];
  let count = stock.free;
  const awaited = [...coming].sort((a, b) => wordOrder(a.due, b.due));
  const missing: number[] = [];
  let missed = 0;
  const lines = [...needs]
    .sort((a, b) => wordOrder(a.on, b.on))
    .map((need): OutlookLine => {
      while (awaited[0] && awaited[0].due <= need.on) {
        const { amount, pack } = awaited.shift()!;
        count += amount;
        for (let rest = amount; rest > 0; rest -= pack) pieces.push(Math.min(rest, pack));
      }
      if (need.reserved >= need.amount) return { ...need, there: need.amount, short: 0 };
      if (!isCord) {
        const there = Math.min(count + need.reserved, need.amount);
        if (stock.comesBack) missed = Math.max(missed, need.amount - there);
        else {
          count -= Math.max(0, there - need.reserved);
          missed += need.amount - there;
        }
        return { ...need, there, short: need.amount - there };
      }
      // Part of it is reserved: as if that were one more piece.
      const laid = lay(need.reserved > 0 ? [...pieces, need.reserved] : pieces, need.lengths);
      pieces = laid.left;
      missing.push(...laid.missing);
      const short = wholeMm(laid.missing.reduce((sum, length) => sum + length, 0));
      return { ...need, there: need.amount - short, short };
    });
  const first = lines.find((line) => line.short > 0);
  const short = isCord ? wholeMm(missing.reduce((sum, length) => sum + length, 0)) : missed;
  const { pack, price, lead_days } = buying;
  const packs = pack === null ? null : short === 0 ? 0 : isCord ? packsFor(missing, pack) : Math.ceil(missed / pack);
  return {
    lines,
    short_on: first?.on ?? null,
    short,
    missing,
    packs,
    order_by: first && lead_days !== null ? daysBefore(first.on, lead_days) : null,
    cost: packs === null || price === null ? null : packs * price,
  };
}
