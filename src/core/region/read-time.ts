import { two } from './days';
import type { Region } from './region';

const NAMED: Readonly<Record<string, string>> = { noon: '12:00', midday: '12:00', midnight: '00:00' };

/**
 * An hour of the day as somebody types it: `18:30`, `6:30 pm`, `6pm`, `18h30`, `18h`, `noon`; as `18:30`, or null where it is none.
 */
export function readTime(text: string, region: Region): string | null {
  const written = text.trim().toLowerCase();
  if (NAMED[written]) return NAMED[written];
  const found = /^(\d{1,2})(?:\s*([:.h])\s*(\d{2})?)?\s*([^\d\s].*)?$/u.exec(written);
  if (!found) return null;
  const [, hours = '', sign, minutes, behind = ''] = found;
  if ((sign === '.' || sign === ':') && !minutes) return null;
  const halves = [
    ['am', 'a.m.', 'a', region.halves[0].toLowerCase()],
    ['pm', 'p.m.', 'p', region.halves[1].toLowerCase()],
  ];
  const half = behind ? halves.findIndex((words) => words.includes(behind)) : -1;
  if (behind && half < 0) return null;
  // A number alone could be a day.
  if (!sign && half < 0) return null;
  const [h, m] = [Number(hours), Number(minutes ?? 0)];
  if (m > 59 || (half < 0 ? h > 23 : h < 1 || h > 12)) return null;
  return `${two(half < 0 ? h : (h % 12) + 12 * half)}:${two(m)}`;
}
