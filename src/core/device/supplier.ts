import type { Result } from '../result';

/** One way a supplier sells an item: in packs of so much, at a price a pack, and how long it takes. */
export interface Offer {
  readonly supplier: string;
  readonly pack: number;
  readonly price: number;
  readonly lead_days: number;
  /** Packs it has; none means out of stock. */
  readonly packs: number;
}

/** What a supplier answers to an order. */
export type OrderAnswer = Result<{ readonly packs: number; readonly due_on: string; readonly note: string }>;

/** Suppliers, as Lapboard speaks with them. */
export interface Supplier {
  /** Every way to buy an item, the usual one first; none where nobody carries it. */
  offers(item: string): readonly Offer[];
  /** Orders packs of one size. */
  order(item: string, pack: number, packs: number, on: string): OrderAnswer;
}
