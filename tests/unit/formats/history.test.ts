import { describe, expect, it } from 'vitest';
import { HISTORY_COLUMNS, historyRows, readHistory } from '../../../src/formats/records';
import { toCsv } from '../../../src/formats/csv';
import { left, MADE, recordOf } from '../record/made';

const NAMES = {
  projects: [{ slug: 'band-buckle', name: 'Buckle band' }],
  cords: [
    { slug: 'satin-2', name: 'Satin cord 2 mm' },
    { slug: 'hemp-1', name: 'Hemp 1 mm' },
  ],
};
const HEAD = 'Day;Who;What;Level;Material;Planned band (cm);Cut cm;Left cm;Half knots;Finish';
const read = (...lines: string[]) => readHistory([HEAD, ...lines].join('\n'), NAMES, 'cm');

describe('a history from elsewhere', () => {
  it('is read under headings as people write them, decimal commas and day-first dates too', () => {
    const { pieces, faults } = read('4.5.2029;A;Buckle band;new;satin-2;14,5;190;12 + 9,5;28;f');
    expect(faults).toEqual([]);
    // The list’s own separator between ends: what is quoted is one cell.
    expect(read('4.5.2029;A;Buckle band;new;satin-2;14,5;190;"12; 9,5";28;f').pieces).toEqual(pieces);
    expect(pieces).toEqual([
      {
        line: 2,
        on: '2029-05-04',
        session: '',
        maker: 'A',
        project: 'band-buckle',
        skill: 'new',
        planned_mm: 145,
        said: { half_knots: 28, finished: 'flame' },
        cords: [{ line: 2, cord: 'satin-2', role: null, cut_mm: 1900, left: { mm: [120, 95] } }],
      },
    ]);
  });

  it.each([
    ['2029-02-30;A;Buckle band;new;satin-2;14;190;12;28;f', 'date'],
    ['2029-05-04;A;Spiral hat;new;satin-2;14;190;12;28;f', 'project'],
    ['2029-05-04;A;Buckle band;new;silk;14;190;12;28;f', 'cord'],
    ['2029-05-04;A;Buckle band;good;satin-2;14;190;12;28;f', 'skill'],
    ['2029-05-04;A;Buckle band;new;satin-2;14;190;a bit;28;f', 'left'],
    ['2029-05-04;A;Buckle band;new;satin-2;14;190;12;many;f', 'knots'],
    ['2029-05-04;A;Buckle band;new;satin-2;14;190;12;28;soldered', 'finished'],
    ['2029-05-04;A;Buckle band;new;satin-2;;190;12;28;f', 'planned band'],
  ])('says of %s what is wrong, with its line and column, and takes nothing of it', (line, column) => {
    const { pieces, faults } = read('2029-05-04;A;Buckle band;new;satin-2;14;190;short at 22;28;', line);
    expect(faults).toMatchObject([{ line: 3, column }]);
    expect(pieces).toMatchObject([{ cords: [{ left: { short: true, at: '22' } }] }]);
  });

  it('names the columns that are missing, and an open quotation mark', () => {
    expect(readHistory('a;b\n1;2', NAMES, 'cm').fault).toMatch(/“date”, “project”, “cord”, “left” missing/);
    expect(readHistory(`${HEAD}\n"open`, NAMES, 'cm').fault).toMatch(/quotation mark/);
  });

  it('comes back as it was written out: a line a cord, the lines of a piece together', () => {
    const two = { ...MADE, cords: [MADE.cords[0]!, { ...MADE.cords[0]!, cord: 'hemp-1', role: 'core' as const }] };
    const records = [
      recordOf({ ...left(120, 95), half_knots: 28, band_mm: 138, minutes: 21, fits: 'right', finished: 'woven back' }),
      recordOf({ left: { 0: { short: true, at: '22' }, 1: { mm: [60] } } }, { planned: two }),
    ];
    const written = records.flatMap((record, i) => historyRows(record, 'Evening', `maker ${i}`));
    const { pieces, faults } = readHistory(toCsv(written, HISTORY_COLUMNS), NAMES, 'in');
    expect(faults).toEqual([]);
    expect(pieces).toMatchObject([
      {
        session: 'Evening',
        planned_mm: 150,
        said: { half_knots: 28, band_mm: 138, minutes: 21, fits: 'right', finished: 'woven back' },
        cords: [{ cord: 'satin-2', role: 'whole', cut_mm: 1900, left: { mm: [120, 95] } }],
      },
      {
        cords: [
          { role: 'whole', left: { short: true, at: '22' } },
          { cord: 'hemp-1', role: 'core', left: { mm: [60] } },
        ],
      },
    ]);
  });
});
