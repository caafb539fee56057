/** What is believed before anything is measured. */
export interface Beliefs {
  /** How far each effect may lie from nothing: standard deviations. */
  readonly effects: readonly number[];
  /** Effects of one kind share a number: how far they lie is learned together. Where none is given, it is taken as known. */
  readonly kinds?: readonly number[];
  /** How much measurements of each kind differ: from maker to maker, and from piece to piece of one. */
  readonly spreads: readonly { readonly maker: number; readonly piece: number }[];
  /** The spreads of pieces are worth as many measurements, and those of makers and of effects as many makers and effects. */
  readonly worth: number;
  readonly worthMakers: number;
  /** Share of measurements that are misread, and how far they lie off. */
  readonly misread: number;
  readonly misreadBy: number;
}
