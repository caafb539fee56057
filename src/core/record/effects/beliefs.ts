/** What is believed before anything is measured. */
export interface Beliefs {
  /** How far each effect may lie from nothing: standard deviations. */
  readonly effects: readonly number[];
  /** How much measurements of each kind differ: from maker to maker, and from piece to piece of one. */
  readonly spreads: readonly { readonly maker: number; readonly piece: number }[];
  /** As many measurements are those spreads worth. */
  readonly worth: number;
  /** Share of measurements that are misread, and how far they lie off. */
  readonly misread: number;
  readonly misreadBy: number;
}
