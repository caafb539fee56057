/**
 * Years old on a day, from an age given on another day: the whole years between are added, so the answer is never more than
 * the true age, and age limits err on the safe side. Days are ISO dates; before the day it was given, the age stands.
 *
 * @example
 * ageOn(8, '2029-05-04', '2030-06-01') // 9
 */
export function ageOn(age: number, given: string, day: string): number {
  const years = Number(day.slice(0, 4)) - Number(given.slice(0, 4)) - (day.slice(5) < given.slice(5) ? 1 : 0);
  return age + Math.max(0, years);
}
