/** What is wrong with the minutes of a session as they were written; null where nothing is. */
export const minutesProblem = (text: string): string | null =>
  /^\d+$/.test(text) && +text >= 10 && +text <= 720 ? null : 'Minutes, 10 to 720';
