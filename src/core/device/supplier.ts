import type { Result } from '../result';

/** What a supplier asks for a pack of an item, and how long it takes. */
export interface Offer {
  readonly pack: number;
  readonly price: number;
  readonly lead_days: number;
  /** Packs it has; none means out of stock. */
  readonly packs: number;
}

/** What a supplier answers to an order. */
export type OrderAnswer = Result<{ readonly packs: number; readonly due_on: string; readonly note: string }>;

/** A supplier, as Lapboard speaks with one. */
export interface Supplier {
  offer(item: string): Offer | null;
  order(item: string, packs: number, on: string): OrderAnswer;
}
