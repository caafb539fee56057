import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { SHIPPED } from '../../../catalogue';
import { readRoster, type RosterLine } from '../../../src/formats/roster';

const read = (text: string): RosterLine[] => readRoster(text, Object.values(SHIPPED.projects));
const seats = (lines: readonly RosterLine[]): RosterLine[] => lines.filter(({ skip }) => !skip);
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
      { name: 'Sol Newman', age: 11, skill: null, project: 'fob-ring', options: { loop: 'neck' } },
    ],
    ['Una Weirside | 10 | nickel allergy | 6⅛"', { name: 'Una Weirside', age: 10, avoid: ['nickel'], wrist_mm: 156 }],
    ['Bram, hand 205 mm, 170 mm, 40', { name: 'Bram', hand_mm: 205, wrist_mm: 170, age: 40 }],
    ['Tam Reedmace;', { name: 'Tam Reedmace', wrist_mm: null, age: null, project: null }],
    ['Anna (9), 15 cm', { name: 'Anna', age: 9, wrist_mm: 150 }],
    ['Esk Lowther 16.5 cm 6 1/2 in, 40', { name: 'Esk Lowther', age: 40, wrist_mm: 165 }],
    ['<i onclick=go(1)>, 16.5 cm, 30', { name: '<i onclick=go(1)>', age: 30, wrist_mm: 165 }],
    ['Ruth Saltings ~', { name: 'Ruth Saltings' }],
    ['Guest 12, 15.5 cm, 30, buckle', { name: 'Guest 12', wrist_mm: 155, age: 30 }],
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
    ['Asta, 16.5 cm, zebra', 'rest', 'was not understood'],

    ['Wren 15', 'wrist', 'could be an age or a wrist'],
    ['Ivy nearly 9, 14 cm', 'age', 'until the birthday'],
    ['Jo, 15 or 16 cm', 'wrist', 'which of the two'],
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
    expect(lines.map(({ kind }) => kind)).toEqual(['heading', undefined, undefined, 'blank']);
    expect(seats(lines).map((l) => l.seat)).toMatchObject([
      { name: 'Ann "A"\nBo', wrist_mm: 165, age: 12, skill: 'new' },
      { name: 'Cal', wrist_mm: 170, wrist_method: 'estimate', skill: 'fluent' },
    ]);
  });

  it('passes over blank lines and headings, and keeps line numbers', () => {
    expect(seats(read('Tuesday group:\n\nWren 16 cm\n\nIvo 17 cm')).map((l) => [l.line, l.seat.name])).toEqual([
      [3, 'Wren'],
      [5, 'Ivo'],
    ]);
  });

  it('leaves out no line that may be somebody’s, whatever it ends with', () => {
    const lines = read('Tuesday evening, 12 places:\nWren, 16 cm, allergies:\nIvo: 17 cm');
    expect(lines.map(({ seat }) => [seat.name, seat.wrist_mm])).toEqual([
      ['', null],
      ['Wren', 160],
      ['Ivo', 170],
    ]);
    expect(lines[0]).toMatchObject({ skip: true, kind: 'heading' });
  });

  it('carries what a heading says down to everybody under it, and no further', () => {
    const lines = seats(read('Beginners:\nAda 16 cm\nBuckle bands\nBo 15 cm\nExperienced\nCy 17 cm\nDi, new, 16 cm'));
    expect(lines.map(({ seat }) => [seat.name, seat.skill, seat.project])).toEqual([
      ['Ada', 'new', null],
      ['Bo', null, 'band-buckle'],
      ['Cy', 'fluent', null],
      ['Di', 'new', null],
    ]);
  });

  it.each([
    ['wrist in cm', '14,5', 145],
    ['Wrist (inches)', '6 1/2', 165],
    ['Wrist in', '6.5', 165],
    ['Wrist', '15', 150],
    ['Wrist/mm', '158', 158],
  ])('takes bare numbers in the unit of a heading “%s”', (heading, value, wrist_mm) => {
    const [line] = seats(read(`Name\t${heading}\nWren\t${value}`));
    expect(line).toMatchObject({ seat: { name: 'Wren', wrist_mm }, faults: [] });
  });

  it.each([
    ['Ned and Polly Frame, 14 cm', ['Ned Frame', 'Polly Frame'], [140, 140]],
    ['Tom Baker and his sister Lucy Baker, 13 cm', ['Tom Baker', 'Lucy Baker'], [130, 130]],
    ['Sue & Dave Marsh - 16 cm / 18 cm', ['Sue Marsh', 'Dave Marsh'], [160, 180]],
    ['Tilly Ross 13 cm, Max Ross 14 cm', ['Tilly Ross', 'Max Ross'], [130, 140]],
  ])('seats both of %s, and asks', (text, names, wrists) => {
    const lines = read(text);
    expect(lines.map(({ seat }) => seat.name)).toEqual(names);
    expect(lines.map(({ seat }) => seat.wrist_mm)).toEqual(wrists);
    for (const { faults } of lines) expect(faults[0]).toMatchObject({ field: 'line' });
  });

  it('seats nobody for a mail’s own words, a cancellation or a total, and everybody it tells of', () => {
    const mail = `Hi Kirsty,
here is who comes on Saturday:

- can Joss come? age 12, wrist 15.5cm
- Mia Rose is 7½ and her wrist is about 13.5 cm
Year 4: Sam Wood 14 cm
Peg Button 15 cm - cancelled
Total: 3

Best wishes,
Morag Ames
07700 900123`;
    expect(seats(read(mail)).map(({ seat }) => [seat.name, seat.age, seat.wrist_mm, seat.note])).toEqual([
      ['Joss', 12, 155, ''],
      ['Mia Rose', 7, 135, ''],
      ['Sam Wood', null, 140, 'Year 4'],
    ]);
    const left = read(mail).filter(({ kind }) => kind !== 'blank' && kind !== undefined);
    expect(left.map(({ line, kind }) => [line, kind])).toEqual([
      [1, 'text'],
      [2, 'heading'],
      [7, 'cancelled'],
      [8, 'total'],
      [10, 'text'],
      [11, 'text'],
    ]);
  });

  it('knows who is not coming, or waits for a place, by line and by heading, and what they stand under goes on', () => {
    const lines = read(
      'Noose band:\nUlf Brine - cancelled\nAl Wick and Jo Wick cancelled\nUna Brine can’t come\nQuill Rudder, 17 cm\nReserves:\nMo Wey, 15 cm\nCancelled:\nMy Wey, 15 cm\nTable 2:\nMa Wey, 14 cm',
    );
    expect(lines.map(({ kind }) => kind ?? 'seat')).toEqual(
      'heading cancelled cancelled cancelled seat heading seat heading cancelled heading seat'.split(' '),
    );
    const [quill, mo, ma] = seats(lines);
    expect(quill!.seat).toMatchObject({ name: 'Quill Rudder', project: 'single-noose' });
    expect(mo!.faults).toEqual([
      expect.objectContaining({ field: 'line', problem: expect.stringMatching(/reserves/) }),
    ]);
    expect(ma!.faults).toEqual([]);
  });

  it.each<[string, (number | null)[]]>([
    ['Ada & Bo Tack, 17 / 15.5cm', [170, 155]],
    ['Ada & Bo Tack 15/17 cm', [150, 170]],
    ['Ada and Bo Tack 17 and 15 cm', [170, 150]],
    ['Ada Tack 15/17 cm', [160]],
    ['Ada Tack 6 1/8 in', [156]],
    ['Ada Tack 6-1/2 in', [165]],
  ])('%s: two lengths are one each of two people, and between them of one', (text, wrists) => {
    const lines = read(text);
    expect(lines.map(({ seat }) => seat.wrist_mm)).toEqual(wrists);
    // A couple is asked about once, its wrists are as they were told.
    if (lines.length === 2) {
      expect(lines.map(({ seat }) => seat.wrist_method)).toEqual(['told', 'told']);
      expect(lines[0]!.faults.map(({ field }) => field)).toEqual(['line']);
    }
  });

  it('reads a block of lines a person, each key as its own', () => {
    const blocks =
      'Participant: Ada\nAge: 34\nWrist size: 16.5cm\nAllergies: nickel\n\nParticipant: Bo\nWrist: tbc\nAge: 9';
    expect(seats(read(blocks)).map(({ line, seat }) => [line, seat.name, seat.age, seat.wrist_mm, seat.avoid])).toEqual(
      [
        [1, 'Ada', 34, 165, ['nickel']],
        [6, 'Bo', 9, null, []],
      ],
    );
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
