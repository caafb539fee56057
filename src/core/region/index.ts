export type { DayForm, Region } from './region';
export { regionOf } from './region-of';
export { writeDay, writeTime, writeNumber, writeMoney } from './write';
export { readWhen, type When } from './read-when';
export type { ReadBy } from './read-day';
export { readNumber } from './read-number';
export { daysAfter, daysBetween } from './days';
export { REGIONS, FIRST_REGION } from './regions';
export { wordOrder } from './word-order';
