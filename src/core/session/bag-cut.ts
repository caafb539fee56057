/** One length to cut, for one bag. */
export interface BagCut {
  /** Seat, place among its cuts, and piece: the same as long as the seat's cuts are. */
  readonly id: string;
  readonly seat: string;
  readonly bag: number;
  readonly label: string;
  readonly mm: number;
}
