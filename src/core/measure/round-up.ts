/**
 * The smallest multiple of `step` that is not less than `mm`. Both in millimetres; a step of ¼ in is 6.35.
 * Used for cuts, which may be a little long but never short.
 */
export function roundUpTo(mm: number, step: number): number {
  return Number((Math.ceil(mm / step - 1e-9) * step).toFixed(2));
}
