/** What some observations are about: effects that add up, and the spread that they have. */
export interface Way {
  readonly effects: readonly number[];
  /** Which spread it has: those of one skill differ alike. */
  readonly spread: number;
}

/**
 * Things measured, each a logarithm of what was found over what was reckoned with: a column for each thing that is known of them, which is
 * many times quicker than a row each.
 */
export interface Observations {
  readonly ways: readonly Way[];
  /** Of each, its way and its maker, by their numbers. */
  readonly way: readonly number[];
  readonly maker: readonly number[];
  readonly y: readonly number[];
  /** 1 where only so much is known that it was more: what ran short. */
  readonly censored: readonly number[];
  /** The most that each could have been and still be measured; infinite where nothing kept it from that. */
  readonly limit: readonly number[];
  /** What else each may have been, if it was misread in a known way; each with the logarithm of how it spreads out then. NaN where it cannot have been. */
  readonly others: readonly { readonly y: readonly number[]; readonly stretch: readonly number[] }[];
  /** Variance of how it was measured, beside what pieces differ by. */
  readonly noise: readonly number[];
}
