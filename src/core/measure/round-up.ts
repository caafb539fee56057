/**
 * The smallest multiple of `step` that is not less than `mm`. Both in millimetres; a step of ¼ in is 6.35.
 * Used for cuts, which may be a little long but never short.
 *
 * @example
 * roundUpTo(1562, 10) // 1570
 * roundUpTo(1560, 10) // 1560
 */
export function roundUpTo(mm: number, step: number): number {
  return Number((Math.ceil(mm / step - 1e-9) * step).toFixed(2));
}

/**
 * Millimetres as the ledger counts them: whole, no less than needed. A sum that is whole but for the machine's rounding is whole.
 *
 * @example
 * wholeMm(899.2) // 900
 */
export const wholeMm = (mm: number): number => Math.max(0, Math.ceil(mm - 1e-6));

/**
 * What some cuts take of the stock they come from, whole mm: each its length, measured out in whole millimetres, and the loss of
 * its cut, which may be a fraction; rounded up once, over all of them. Everything that reckons with stock asks here.
 *
 * @param lengths mm of each cut
 * @param loss mm lost a cut
 *
 * @example
 * stockFor([900, 600], 4) // 1508
 */
export const stockFor = (lengths: readonly number[], loss: number): number =>
  wholeMm(lengths.reduce((sum, mm) => sum + wholeMm(mm) + loss, 0));
