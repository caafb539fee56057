import { differenceInYears, parseISO } from 'date-fns';

/** Whole years until a session: a list tells ages as they are now, a seat has the age of its session's day. Zero for one that is over. */
export const yearsAhead = (held_on: string): number => Math.max(0, differenceInYears(parseISO(held_on), new Date()));
