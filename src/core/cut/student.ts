/**
 * Deviations that a share of Student's t lies below, from those of the normal distribution: Fisher and Cornish's expansion (Abramowitz and
 * Stegun 26.7.5), good to one in a hundred from four degrees of freedom on, which a test holds against the library's. The library itself
 * is larger than all else that a page needs.
 */
export function studentFrom(normal: number, freedom: number): number {
  const z = normal;
  const z2 = z * z;
  const terms = [
    (z2 + 1) / 4,
    ((5 * z2 + 16) * z2 + 3) / 96,
    (((3 * z2 + 19) * z2 + 17) * z2 - 15) / 384,
    ((((79 * z2 + 776) * z2 + 1482) * z2 - 1920) * z2 - 945) / 92_160,
  ];
  return z * terms.reduce((sum, term, i) => sum + term / freedom ** (i + 1), 1);
}

/** The normal's deviations for those of Student's t, the other way: Abramowitz and Stegun 26.7.8; its chance is off by less than 0.03 ÷ freedom. */
export const normalFrom = (student: number, freedom: number): number =>
  (student * (1 - 1 / (4 * freedom))) / Math.sqrt(1 + (student * student) / (2 * freedom));
