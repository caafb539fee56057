import type { Filled, Instance } from './instance';

/**
 * The subset of what is left that fills a bar of some capacity most, by reachable sums. Wants come longest first, and a sum is
 * kept as the first, that is the longer, wants reach it, so that short cuts stay for the bars that come later.
 */
function fullest(
  widths: readonly number[],
  left: readonly number[],
  capacity: number,
  first: number,
): Map<number, number> {
  const from = new Int32Array(capacity + 1).fill(-1);
  const base = first >= 0 ? widths[first]! : 0;
  from[base] = widths.length;
  let top = base;
  for (let want = 0; want < widths.length && top < capacity; want++) {
    const width = widths[want]!;
    let copies = left[want]! - (want === first ? 1 : 0);
    for (; copies > 0; copies--) {
      let grew = false;
      for (let sum = Math.min(top, capacity - width); sum >= base; sum--) {
        if (from[sum]! < 0 || from[sum + width]! >= 0) continue;
        from[sum + width] = want;
        grew = true;
      }
      if (!grew) break;
      for (let sum = capacity; sum > top; sum--) if (from[sum]! >= 0) top = sum;
    }
  }
  const counts = new Map<number, number>();
  if (first >= 0) counts.set(first, 1);
  for (let sum = top; sum > base;) {
    const want = from[sum]!;
    counts.set(want, (counts.get(want) ?? 0) + 1);
    sum -= widths[want]!;
  }
  return counts;
}

/** The most places in a table of reachable sums: half a millimetre and more on any spool. */
const MOST_CELLS = 60_000;

/**
 * Fills one piece of stock after another as full as can be, each from its longest cut on. `skip` leaves a want out of the
 * choosing for one bar, so that another try goes another way.
 */
export function fillUp(
  { bars, wants, grain: own }: Instance,
  order: readonly number[],
  skip: (bar: number, want: number) => boolean = () => false,
): Filled[] {
  const left = wants.map((want) => want.ids.length);
  // Lengths to a tenth of a millimetre and finer would make tables too long to fill in time: then a little coarser, on the safe side.
  const grain = Math.max(own, ...order.map((bar) => bars[bar]!.length / MOST_CELLS));
  const widths = wants.map((want) => Math.ceil(want.width / grain - 1e-9));
  const filled: Filled[] = [];
  for (const bar of order) {
    const capacity = Math.floor(bars[bar]!.length / grain);
    const first = left.findIndex((n, want) => n > 0 && widths[want]! <= capacity);
    if (first < 0) continue;
    const open = left.map((n, want) => (want !== first && skip(bar, want) ? 0 : n));
    const counts = fullest(widths, open, capacity, first);
    for (const [want, n] of counts) left[want]! -= n;
    filled.push({ bar, counts });
  }
  return filled;
}
