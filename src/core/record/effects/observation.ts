/** Something measured, as a logarithm of what was found over what was reckoned with. */
export interface Observation {
  /** The effects that add up to what it is about. */
  readonly effects: readonly number[];
  readonly maker: number;
  readonly y: number;
  /** Whether only so much is known that it was more: what ran short. */
  readonly censored: boolean;
  /** Variance of how it was measured, beside what pieces differ by. */
  readonly noise: number;
  /** Which spread it has: those of one skill differ alike. */
  readonly spread: number;
}
