import { formatLength, type Units } from './format-length';

/** From here on a length is taken with a tape and said in the studio’s units, mm; what is smaller are holes, beads and cords. */
const TAPED = 50;
const LENGTHS = /(\d+(?:\.\d+)?)(?: to (\d+(?:\.\d+)?))? mm(?!\p{L})/gu;

/**
 * A sentence whose lengths are in mm, with those that a tape measures as the studio writes them. Only what is among its values is a
 * length it speaks of: numbers in names stay.
 *
 * @param values what the sentence speaks of; lengths in mm
 *
 * @example
 * sayLengths('for an estimated 207 mm', { hand_mm: 207.4 }, 'cm') // 'for an estimated 20.7 cm'
 * sayLengths('Bead 8 mm, inside 180 to 210 mm', { least_mm: 180, most_mm: 210 }, 'in') // 'Bead 8 mm, inside 7 ⅛ in to 8 ¼ in'
 */
export function sayLengths(text: string, values: Readonly<Record<string, unknown>>, units: Units): string {
  const taped = Object.values(values).filter((value): value is number => typeof value === 'number' && value >= TAPED);
  const said = (written: string): string | undefined => {
    const decimals = written.split('.')[1]?.length ?? 0;
    const mm = taped.find((value) => value.toFixed(decimals) === written);
    return mm === undefined ? undefined : formatLength(mm, units);
  };
  return text.replace(LENGTHS, (whole, one: string, two?: string) => {
    const [from, to] = [said(one), two === undefined ? undefined : said(two)];
    if (from === undefined || (two !== undefined && to === undefined)) return whole;
    return to === undefined ? from : `${from} to ${to}`;
  });
}
