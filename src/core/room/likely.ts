/** One time in ten earlier, half and half, one in ten later; minutes. */
export interface Likely {
  readonly p10: number;
  readonly p50: number;
  readonly p90: number;
}

/** The number that so many of sorted ones lie below. */
export const shareOf = (sorted: Float64Array, share: number): number =>
  sorted[Math.min(sorted.length - 1, Math.floor(share * sorted.length))] ?? 0;

/** How some times are spread. */
export function likely(values: Float64Array): Likely {
  const sorted = values.slice().sort();
  return { p10: shareOf(sorted, 0.1), p50: shareOf(sorted, 0.5), p90: shareOf(sorted, 0.9) };
}
