import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { SHIPPED } from '../../catalogue';
import { readRoster, type RosterLine } from '../../src/formats/roster';

const read = (text: string): RosterLine[] => readRoster(text, Object.values(SHIPPED.projects));
const one = (text: string): RosterLine => read(text)[0]!;

describe('a pasted list', () => {
  it.each([
    [
      'Wren Ashlock 16.5cm age 9 new buckle',
      { name: 'Wren Ashlock', wrist_mm: 165, age: 9, skill: 'new', project: 'band-buckle' },
    ],
    [
      'Orla Finchett, 6 1/2 in, 34, steady, Buckle band',
      { name: 'Orla Finchett', wrist_mm: 165, age: 34, skill: 'steady', project: 'band-buckle' },
    ],
    ['34; fluent; fob; Orla; 165 mm', { name: 'Orla', wrist_mm: 165, age: 34, skill: 'fluent', project: 'fob-ring' }],
    ['- Ivo Tarrant\t165\t11 yrs\tkeyring', { name: 'Ivo Tarrant', wrist_mm: 165, age: 11, project: 'fob-ring' }],
    [
      '3) Nell Sedgely, 16,5 cm, 12, band-buckle',
      { name: 'Nell Sedgely', wrist_mm: 165, age: 12, project: 'band-buckle' },
    ],
    ['Pia ~15 cm 8y', { name: 'Pia', wrist_mm: 150, wrist_method: 'estimate', age: 8 }],
    ['Kit 15 cm?', { name: 'Kit', wrist_mm: 150, wrist_method: 'estimate' }],
    [
      'Sol Newman, age 11, neck lanyard',
      { name: 'Sol Newman', age: 11, skill: 'new', project: 'fob-ring', options: { loop: 'neck' } },
    ],
    ['Una Weirside | 10 | nickel allergy | 6⅛"', { name: 'Una Weirside', age: 10, avoid: ['nickel'], wrist_mm: 156 }],
    ['Bram, hand 205 mm, 170 mm, 40', { name: 'Bram', hand_mm: 205, wrist_mm: 170, age: 40 }],
    ['Tam Reedmace;', { name: 'Tam Reedmace', wrist_mm: null, age: null, project: null }],
    ['Anna (9), 15 cm', { name: 'Anna', age: 9, wrist_mm: 150 }],
    ['Esk Lowther 16.5 cm 6 1/2 in, 40', { name: 'Esk Lowther', age: 40, wrist_mm: 165 }],
    ['<i onclick=go(1)>, 16.5 cm, 30', { name: '<i onclick=go(1)>', age: 30, wrist_mm: 165 }],
    ['Ruth Saltings ~', { name: 'Ruth Saltings' }],
    ['<b>Max</b>, 7¼", 22', { name: '<b>Max</b>', wrist_mm: 184, age: 22 }],
  ])('reads %s', (text, expected) => {
    expect(one(text).seat).toMatchObject(expected);
    expect(one(text).faults).toEqual([]);
  });

  it.each([
    ['Bram Kettlewell, 14, buckle', 'wrist', 'could be an age or a wrist'],
    ['Edda, 1.2 m (44 in), 40', 'wrist', 'disagree'],
    ['Ivy, 2 m, 50', 'wrist', 'cannot be a wrist'],
    ['16.5 cm, 9', 'name', 'No name'],
    ['Asta, 16.5 cm, purple', 'rest', 'was not understood'],
    // Neither the thickness of a cord nor a second number is part of a wrist, an age or a name.
    ['Hew Tarn 16.5 cm 5 mm cord, 40', 'rest', '“5 mm cord” was not understood'],
    ['Ed Lowther 165 205, 30', 'rest', '“205” was not understood'],
    ['Di Oke 15 cm 8 in, 8', 'wrist', 'disagree'],
  ])('asks about %s', (text, field, why) => {
    const { faults, seat } = one(text);
    expect(faults[0]).toMatchObject({ field });
    expect(faults[0]!.problem).toContain(why);
    // Nothing written is lost: what was not understood is in the note.
    if (field === 'rest' || field === 'wrist') expect(seat.note).toContain(faults[0]!.text);
    expect(seat.name).not.toMatch(/\d/);
  });

  it.each([
    ['Isolde Quay 6½ in fluent reversible slider', 'reversible-slider', 'Isolde Quay'],
    ['Ruth Saltings, 17 cm, 30, double spiral', 'double-spiral', 'Ruth Saltings'],
    ['Odo Fenwright 18.4 cm buckle bracelet', 'band-buckle', 'Odo Fenwright'],
    ['wrapped ladder: Wynn Tide, 16 cm, 30', 'ladder-wrap', 'Wynn Tide'],
    ['Mo Avocet 172 mm 26 yrs centre bead', 'class-band-bead', 'Mo Avocet'],
    ['Una Plover, 17 cm, 30, bead slider', 'bead-row-slider', 'Una Plover'],
    ['Dag Snipe, 17 cm, 30, centre knot', 'single-centre-knot', 'Dag Snipe'],
    // A word of a name by itself, away from the rest of it, stays with whoever it is of.
    ['Tom Slider, reversible, 16 cm', 'reversible-slider', 'Tom Slider'],
  ])('takes all that names the piece from %s, and leaves the person', (text, project, name) => {
    expect(one(text).seat).toMatchObject({ project, name });
    expect(one(text).faults).toEqual([]);
  });

  it('reads a table with headings, a unit in a heading, quoted newlines and a byte-order mark', () => {
    const lines = read(
      '\uFEFFName;Wrist (in);Age;Level;Colour\n"Ann ""A""\nBo";6,5;12;beginner;blue\nCal;17 cm?;;expert;\n',
    );
    expect(lines.map((l) => l.seat)).toMatchObject([
      { name: 'Ann "A"\nBo', wrist_mm: 165, age: 12, skill: 'new' },
      { name: 'Cal', wrist_mm: 170, wrist_method: 'estimate', skill: 'fluent' },
    ]);
  });

  it('passes over blank lines and headings, and keeps line numbers', () => {
    expect(read('Tuesday group:\n\nWren 16 cm\n\nIvo 17 cm').map((l) => [l.line, l.seat.name])).toEqual([
      [3, 'Wren'],
      [5, 'Ivo'],
    ]);
  });

  it('leaves out no line that may be somebody’s, whatever it ends with', () => {
    const lines = read('Tuesday evening, 12 places:\nWren, 16 cm, allergies:\nIvo: 17 cm');
    expect(lines.map(({ seat }) => [seat.name, seat.wrist_mm])).toEqual([
      ['Tuesday evening', null],
      ['Wren', 160],
      ['Ivo', 170],
    ]);
    expect(lines[0]!.faults.length).toBeGreaterThan(0);
  });

  it('marks a name that is on the list twice', () => {
    expect(read('Wren 16 cm\nwren 17 cm')[1]!.faults[0]!.problem).toContain('twice');
  });

  it('reads whatever is pasted without throwing, and never invents a wrist', () => {
    fc.assert(
      fc.property(fc.string({ maxLength: 200, unit: 'grapheme' }), (text) => {
        for (const line of read(text)) {
          const { wrist_mm } = line.seat;
          if (wrist_mm !== null) expect(wrist_mm).toBeGreaterThanOrEqual(90);
        }
      }),
      { numRuns: 500 },
    );
  });
});
