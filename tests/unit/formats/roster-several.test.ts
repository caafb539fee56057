import { describe, expect, it } from 'vitest';
import { SHIPPED } from '../../../catalogue';
import { readRoster, type RosterLine } from '../../../src/formats/roster';

const read = (text: string): RosterLine[] => readRoster(text, Object.values(SHIPPED.projects));
const seats = (text: string): RosterLine[] => read(text).filter(({ skip }) => !skip);
const people = (text: string) => seats(text).map(({ seat }) => [seat.name, seat.wrist_mm, seat.age]);

describe('several people on one line', () => {
  it.each<[string, [string, number | null, number | null][]]>([
    [
      'Osra 16.5, Pell 17, Marr 15.5',
      [
        ['Osra', 165, null],
        ['Pell', 170, null],
        ['Marr', 155, null],
      ],
    ],
    [
      'Osra: 16.5; Pell: 17; Marr: 15',
      [
        ['Osra', 165, null],
        ['Pell', 170, null],
        ['Marr', 150, null],
      ],
    ],
    [
      'Osra (16.5), Pell (17)',
      [
        ['Osra', 165, null],
        ['Pell', null, 17],
      ],
    ],
    [
      '1) Osra 16.5 2) Pell 17 3) Jo 15',
      [
        ['Osra', 165, null],
        ['Pell', 170, null],
        ['Jo', 150, null],
      ],
    ],
    [
      'Here is who comes: Osra 16.5, Pell 17 and Jo 15.',
      [
        ['Osra', 165, null],
        ['Pell', 170, null],
        ['Jo', 150, null],
      ],
    ],
    [
      'Osra 16,5; Pell 17,5',
      [
        ['Osra', 165, null],
        ['Pell', 175, null],
      ],
    ],
    [
      'Osra 6 1/2", Pell 7"',
      [
        ['Osra', 165, null],
        ['Pell', 178, null],
      ],
    ],
    [
      'osra 16.5, pell 17',
      [
        ['osra', 165, null],
        ['pell', 170, null],
      ],
    ],
    [
      'Osra 165 Pell 170 Marr 155',
      [
        ['Osra', 165, null],
        ['Pell', 170, null],
        ['Marr', 155, null],
      ],
    ],
    [
      'Osra 16.5, Rose 17',
      [
        ['Osra', 165, null],
        ['Rose', 170, null],
      ],
    ],
    [
      'Wren van Marr 16.5, Ola de Weir 17',
      [
        ['Wren van Marr', 165, null],
        ['Ola de Weir', 170, null],
      ],
    ],
    [
      'Tilly Ross (6) 13 cm & Max Ross (9) 14 cm',
      [
        ['Tilly Ross', 130, 6],
        ['Max Ross', 140, 9],
      ],
    ],
    [
      'Tilly Ross new 13 cm, Max Ross steady 14 cm',
      [
        ['Tilly Ross', 130, null],
        ['Max Ross', 140, null],
      ],
    ],
    [
      'Osra 9, Pell 10, Jo 12',
      [
        ['Osra', null, 9],
        ['Pell', null, 10],
        ['Jo', null, 12],
      ],
    ],
  ])('%s', (line, expected) => {
    expect(people(line)).toEqual(expected);
    const names = expected.map(([name]) => name);
    const lines = seats(line);
    // Each is asked about by the names it was taken for, and every name is marked in the line.
    for (const name of names) expect(lines[0]!.faults[0]!.problem).toContain(name);
    const marked = lines[0]!.spans.filter(({ as }) => as === 'name').map(({ from, to }) => line.slice(from, to));
    expect(marked.map((text) => names.findIndex((name) => text.startsWith(name)))).toEqual(names.map((_, i) => i));
  });

  it('each has the piece by their name; one at the end, or before them all, is of all', () => {
    const pieces = (line: string) => seats(line).map(({ seat }) => seat.project);
    expect(pieces('Osra 16.5 cm buckle band, Pell 17 cm ring fob, Jo 15 cm')).toEqual([
      'band-buckle',
      'fob-ring',
      null,
    ]);
    expect(pieces('Tilly 13 cm, Max 14 cm, both buckle')).toEqual(['band-buckle', 'band-buckle']);
    expect(pieces('Ring fobs: Tilly 13 cm, Max 14 cm')).toEqual(['fob-ring', 'fob-ring']);
    expect(pieces('Tilly 13 cm buckle, Max 14 cm')).toEqual(['band-buckle', null]);
  });

  it('one of them who is not coming takes no seat, and the other does', () => {
    expect(read('Osra 16.5, Pell 17 cancelled').map(({ seat, kind }) => [seat.name, kind])).toEqual([
      ['Osra', undefined],
      ['Pell', 'cancelled'],
    ]);
  });

  it('ways and places with a number are nobody, and people of such names are themselves', () => {
    expect(seats('Osra 16.5 cm\nBus 14 or Tram 16 from the station\nMeet at Door 15, Floor 14 please')).toHaveLength(1);
    expect(people('Wren Lane 16.5, Pell Hall 17 cm')).toEqual([
      ['Wren Lane', 165, null],
      ['Pell Hall', 170, null],
    ]);
  });

  it('what somebody says of the words of one leaves the others', () => {
    const text = 'Osra 16.5, Pell 17, Jo 15';
    const as = (word: string, kind: 'name' | 'note') => {
      const from = text.indexOf(word);
      const spans = [{ line: 1, from, to: from + word.length, as: kind }];
      const all = readRoster(text, Object.values(SHIPPED.projects), undefined, { spans, columns: {}, words: [] });
      return all.map(({ seat }) => seat.name);
    };
    expect(as('Pell', 'name')).toEqual(['Osra', 'Pell', 'Jo']);
    expect(as('Pell', 'note')).toEqual(['Osra', 'Jo']);
    expect(as('Osra 16.5, Pell', 'name')).toEqual(['Osra 16.5, Pell', 'Jo']);
  });

  it.each([
    'Wren Ashby 16.5 cm, Class 4',
    'Wren 15 cm, Buckle 15 mm',
    'Wren Ashby, 12, Pell Marr, 15 cm',
    'Wren Ashby 16 - 17 cm',
    'Wren 16.5 cm, Table 3',
    'Wren Ashby 165 mm, Flat 12 Mill Lane 14',
    'Wren 16 cm, hand 19 cm',
  ])('%s: one person', (line) => {
    expect(seats(line)).toHaveLength(1);
  });
});

describe('a number behind a name', () => {
  it.each<[string, string, string]>([
    ['Pell 17 left-handed', 'Pell', '17; left-handed'],
    ['Pell Marr 15 likes blue', 'Pell Marr', '15; likes blue'],
    ['Jo 15.', 'Jo', '15'],
  ])('%s: is asked about, and is not of the name', (line, name, note) => {
    const [one] = seats(line);
    expect([one!.seat.name, one!.seat.note]).toEqual([name, note]);
    expect(one!.faults.map(({ field }) => field)).toContain('wrist');
  });

  it.each<[string, string, number | null]>([
    ['Osra=16.5', 'Osra', 165],
    ['Osra16.5', 'Osra', 165],
    ['Pell17cm', 'Pell', 170],
    ['R2D2 15 cm', 'R2D2', 150],
  ])('%s: written on to the name, with a fraction or a unit, is a wrist', (line, name, mm) => {
    expect(seats(line).map(({ seat }) => [seat.name, seat.wrist_mm])).toEqual([[name, mm]]);
  });

  it('of a guest without a name yet is of it', () => {
    expect(seats('Guest 15 buckle').map(({ seat }) => [seat.name, seat.wrist_mm, seat.age])).toEqual([
      ['Guest 15', null, null],
    ]);
  });
});
