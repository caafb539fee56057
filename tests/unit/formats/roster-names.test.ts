import { describe, expect, it } from 'vitest';
import { SHIPPED } from '../../../catalogue';
import { readRoster, type RosterLine } from '../../../src/formats/roster';

const seats = (text: string): RosterLine[] =>
  readRoster(text, Object.values(SHIPPED.projects)).filter(({ skip }) => !skip);

const names = (text: string): string[] => seats(text).map(({ seat }) => seat.name);

describe('names alone on one line', () => {
  it.each([
    ['Osra, Pell, Marr', 'Osra|Pell|Marr'],
    ['Osra, Pell and Marr', 'Osra|Pell|Marr'],
    ['Osra Venn and Pell Arden', 'Osra Venn|Pell Arden'],
    ['Osra Venn, Pell Arden', 'Osra Venn|Pell Arden'],
    ['1. Osra / Pell / Marr Tolle', 'Osra|Pell|Marr Tolle'],
    ['osra, pell, marr', 'osra|pell|marr'],
    ['OSRA, PELL, MARR, TAMSIN', 'OSRA|PELL|MARR|TAMSIN'],
    ['Coming: Osra, Pell', 'Osra|Pell'],
    ['Coming: Osra', 'Osra'],
    ['Table 2: Osra, Pell and Marr', 'Osra|Pell|Marr'],
    ['We are Osra and Pell', 'Osra|Pell'],
    ['We have Osra, Pell and Marr coming', 'Osra|Pell|Marr'],
    ['Will Arden, Rose and Marr', 'Will Arden|Rose|Marr'],
    ["We're Osra, Pell and Marr", 'Osra|Pell|Marr'],
    ['He Wen Arden, 16 cm', 'He Wen Arden'],
    ['Osra, Tamsin +1, Pell', 'Osra|Tamsin|Pell'],
    ['Venn, Osra; Arden, Pell; Tolle, Marr', 'Venn|Arden|Tolle'],
  ])('%s: %s, and asked about where they are several', (text, whole) => {
    expect(names(text)).toEqual(whole.split('|'));
    const all = seats(text);
    if (all.length > 1) for (const { faults } of all) expect(faults.map(({ field }) => field)).toContain('line');
  });

  it.each([
    ['a surname and a first name', 'Venn, Osra', 'Venn'],
    ['colours that somebody wants', 'Osra, red, blue', 'Osra'],
    ['colours, also in capitals', 'Osra, Rose, Green', 'Osra'],
    ['a place among what is said', 'Osra, Saltmarsh, new', 'Osra'],
    ['greetings', 'Dear Osra, Pell and Marr', ''],
    ['who signs', 'Love, Osra and Pell', ''],
    ['things', 'Bring Scissors, Glue and Tape', ''],
    ['places', 'The Venn Trust, Arden Hall and Hilltop', ''],
    ['when and where', 'Venue: Saltmarsh, Ebbshire', ''],
  ])('%s are not several people: %s', (_, text, whole) => {
    expect(names(text).join('|')).toBe(whole);
  });

  it('what stands in the same place on other lines is a column', () => {
    expect(names('Osra, Venn, Hilltop\nPell, Arden, Hilltop')).toEqual(['Osra', 'Pell']);
    expect(names('Osra and Pell, Buckle band\nMarr, Hild and Corin, Buckle band')).toHaveLength(5);
  });

  it.each([
    ['Ring fobs: Osra, Pell and Marr', { project: 'fob-ring' }],
    ['Osra, Pell, Marr: ring fobs', { project: 'fob-ring' }],
    ['Osra, Pell, Marr (ring fobs)', { project: 'fob-ring' }],
    ['Beginners: Osra, Pell, Marr', { skill: 'new' }],
    ['Osra, Pell, Marr, all 9', { age: 9 }],
    ['Osra, Pell and Marr, about 16 cm', { wrist_mm: 160 }],
  ])('what is said of all is each one’s: %s', (text, all) => {
    expect(seats(text).map(({ seat }) => seat)).toMatchObject([all, all, all]);
  });

  it('a length after the last of some is that one’s', () => {
    expect(seats('Osra, Pell, Marr 16 cm').map(({ seat }) => [seat.name, seat.wrist_mm])).toEqual([
      ['Osra', null],
      ['Pell', null],
      ['Marr', 160],
    ]);
  });

  it('answers say who comes: yes, no and perhaps', () => {
    for (const text of [
      'Yes: Osra, Pell\nNo: Hild, Gwil\nMaybe: Corin',
      'Yes:\nOsra\nPell\nNo:\nHild\nGwil\nMaybe:\nCorin',
    ]) {
      expect(names(text)).toEqual(['Osra', 'Pell', 'Corin']);
      expect(seats(text).at(-1)!.faults).toMatchObject([{ problem: 'Under reserves: is there a seat for them?' }]);
    }
  });
});
