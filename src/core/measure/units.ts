import { keysOf } from '../studio';
/** Every unit a maker writes, with its length in millimetres (the inch is exactly 25.4 mm by definition). */
export const MM_PER = { mm: 1, cm: 10, m: 1000, in: 25.4, ft: 304.8, yd: 914.4 } as const;

export type Unit = keyof typeof MM_PER;

/** What people write for each unit, lower case. */
const SPELLINGS: Record<Unit, readonly string[]> = {
  mm: ['mm', 'millimetre', 'millimetres', 'millimeter', 'millimeters'],
  cm: ['cm', 'centimetre', 'centimetres', 'centimeter', 'centimeters'],
  m: ['m', 'metre', 'metres', 'meter', 'meters'],
  in: ['in', 'in.', 'ins', 'inch', 'inches', '"', '″', '”', '“', "''", '′′'],
  ft: ['ft', 'ft.', 'foot', 'feet', "'", '′', '’'],
  yd: ['yd', 'yd.', 'yds', 'yard', 'yards'],
};

/** The unit a spelling stands for, or undefined when no maker's unit is spelled so. */
export function unitOf(spelling: string): Unit | undefined {
  const lower = spelling.toLowerCase();
  return keysOf(SPELLINGS).find((unit) => SPELLINGS[unit].includes(lower));
}
