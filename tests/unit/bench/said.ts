import type { ProgressEntry, What } from '../../../src/core/bench';

/** A moment of an example room: so many minutes after it began. */
export const minute = (n: number): number => Date.UTC(2030, 4, 4, 10, 0) + n * 60_000;

let last = 0;
/** An entry, said at a minute; numbered in the order they are written here. */
export const said = (
  at: number,
  seat: string | null,
  what: What,
  value: ProgressEntry['value'] = null,
): ProgressEntry & { key: string } => ({
  n: ++last,
  key: `key ${last}`,
  seat,
  what,
  value,
  at: new Date(minute(at)).toISOString(),
  by: 'desk',
});
