import {
  FIRST_REGION,
  regionOf,
  writeDay,
  writeMoney,
  writeNumber,
  writeTime,
  type DayForm,
  type Region,
} from '../../core/region';

/** The region that pages are written in: one studio, one region, as one would set a clock on the wall. */
let current: Region | null = null;

/** From here on pages are written so: said by the layout of each page on the server. */
export function writeIn(region: Region): void {
  current = region;
}

/** What the page was written in, which the browser goes on with. */
function said(): Region | null {
  const meta = typeof document === 'undefined' ? null : document.querySelector<HTMLMetaElement>('meta[name="region"]');
  return meta ? (JSON.parse(meta.content) as Region) : null;
}

export const region = (): Region => (current ??= said() ?? regionOf(FIRST_REGION));

const two = (n: number): string => String(n).padStart(2, '0');

/** A moment by the clock and calendar of the machine it is read on. */
function here(moment: string): { day: string; time: string } {
  const at = new Date(moment);
  return {
    day: `${at.getFullYear()}-${two(at.getMonth() + 1)}-${two(at.getDate())}`,
    time: `${two(at.getHours())}:${two(at.getMinutes())}`,
  };
}

/** The day it is where this is read. */
export const todayHere = (): string => here(new Date().toISOString()).day;

/** A day, `2026-12-01`, or that of a moment: `Tue 1 Dec`, or another form. */
export const day = (iso: string, form: DayForm = 'day'): string =>
  writeDay(iso.length > 10 ? here(iso).day : iso, form, region());
/** A moment by the clock, as `18:30`. */
export const clock = (iso: string): string => time(here(iso).time);
/** A moment, as `1 Dec 18:30`. */
export const moment = (iso: string): string => `${day(iso, 'short')} ${clock(iso)}`;
/** An hour, as `18:30`. */
export const time = (hour: string): string => writeTime(hour, region());
/** A number as it stands, with the region’s decimal sign: for fields, where nothing may be rounded. */
export const plain = (n: number): string => String(n).replace('.', region().decimal);
/** A number to so many decimals. */
export const number = (n: number, decimals = 0): string => writeNumber(n, region(), decimals);
/** Money in minor units as it stands in a field: without a currency and nothing set apart. */
export const bareMoney = (minor: number): string => {
  const { digits } = region().money;
  return (minor / 10 ** digits).toFixed(digits).replace('.', region().decimal);
};
/** An amount of the currency, as it was typed, in its minor units. */
export const inMinor = (amount: number): number => Math.round(amount * 10 ** region().money.digits);
/** Money in minor units, with the currency where the studio has named one. */
export const money = (minor: number): string => writeMoney(minor, region());
