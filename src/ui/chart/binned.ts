/** As many bars as show how numbers lie. */
const BARS = 12;

/** Numbers counted into bars of one round width: where each begins, and how many lie in it. */
export function binned(values: readonly number[]): [number, number][] {
  if (values.length === 0) return [];
  const [least, most] = [Math.min(...values), Math.max(...values)];
  const rough = Math.max(1e-9, (most - least) / BARS);
  const power = 10 ** Math.floor(Math.log10(rough));
  const width = [1, 2, 5, 10].map((step) => step * power).find((step) => step >= rough)!;
  const first = Math.floor(least / width);
  const counts = new Map<number, number>();
  for (const value of values) {
    const bar = Math.floor(value / width);
    counts.set(bar, (counts.get(bar) ?? 0) + 1);
  }
  const last = Math.floor(most / width);
  return Array.from({ length: last - first + 1 }, (_, i) => [(first + i) * width, counts.get(first + i) ?? 0]);
}
