import { errorFunction, probit } from 'simple-statistics';

/** The chance that a number of the normal distribution, mean 0 and spread 1, lies below. */
export const chanceBelow = (z: number): number => (1 + errorFunction(z / Math.SQRT2)) / 2;

/** The number of the normal distribution that so large a share lies below. */
export const quantileOf = (share: number): number => probit(share);
