import type { Figures, Message } from '../studio';
import type { SeatRecord } from '../seat';

/** Wrists grow until about this age, years: from there the bands of estimates are an adult's. */
const GROWN = 18;
/** Less growth than this, mm, is within what a tape tells. */
const TOLD = 2;
const YEAR_MS = 365.25 * 86_400_000;

/**
 * What is to know of a child's wrist that was taken long before the session: it is a range by now, by how children's wrists grow and how much
 * they differ in it. Nothing of a wrist taken lately, of an adult's, or of one that nobody took.
 *
 * @param on the session's day
 *
 * @example
 * oldWrist(view.seats[0], '2030-05-04', figures) // []
 */
export function oldWrist(
  { age, wrist_mm, wrist_on, wrist_method, band_mm }: SeatRecord,
  on: string,
  figures: Figures,
): Message[] {
  if (age === null || age >= GROWN || wrist_mm === null || wrist_on === null) return [];
  if (wrist_method === 'estimate' || band_mm !== null) return [];
  const years = (Date.parse(on) - Date.parse(wrist_on)) / YEAR_MS;
  const { wrist_growth: a_year, growth_differs: differs } = figures;
  if (years * a_year < TOLD) return [];
  const [least, most] = [Math.max(0, a_year - differs), a_year + differs].map((mm) =>
    Math.round(wrist_mm + mm * years),
  );
  const text = `Taken ${Math.round(years * 12)} months ago at ${wrist_mm} mm: a child’s wrist is ${least} to ${most} mm by now. Measure it again.`;
  return [
    {
      level: 'warning',
      code: 'old-wrist',
      text,
      values: { months: Math.round(years * 12), wrist_mm, least_mm: least!, most_mm: most! },
    },
  ];
}
