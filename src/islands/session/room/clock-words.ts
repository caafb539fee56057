import { time } from '../../../ui/words/region';

/** A time of the session as the clock has it; in minutes from its start where nobody said when that is. */
export function clockTime(startsAt: string | null, minutes: number): string {
  const whole = Math.round(minutes);
  if (startsAt === null) return `${whole} min`;
  const [hours = 0, mins = 0] = startsAt.split(':').map(Number);
  const all = (((hours * 60 + mins + whole) % 1440) + 1440) % 1440;
  return time(`${String(Math.floor(all / 60)).padStart(2, '0')}:${String(all % 60).padStart(2, '0')}`);
}

/** Whether somebody will probably not finish. */
export const isUnlikely = (chance: number): boolean => chance < 0.5;

/** A chance as one would say it. */
export function chanceWords(chance: number): string {
  const tenths = Math.round(chance * 10);
  return tenths === 10 ? 'almost sure' : tenths === 0 ? 'hardly' : `${tenths} in 10`;
}

const SMALL = [
  'none',
  'one',
  'two',
  'three',
  'four',
  'five',
  'six',
  'seven',
  'eight',
  'nine',
  'ten',
  'eleven',
  'twelve',
];
export const inWords = (n: number): string => SMALL[n] ?? String(n);
