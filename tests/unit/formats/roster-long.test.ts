import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { SHIPPED } from '../../../catalogue';
import { readRoster } from '../../../src/formats/roster';

const projects = Object.values(SHIPPED.projects);

/** Pieces that a pattern could try in many ways: blanks, marks and numbers that almost fit together. */
const PIECES = [
  'a',
  ' ',
  '\t',
  '1',
  '1 1/2 ',
  '½',
  '"',
  '.',
  ',',
  '-',
  "A'",
  'A ',
  'a@',
  '(',
  '~',
  'is ',
  'and ',
  '12:00 ',
  'no ',
];

/** The fastest of a few readings, ms: whatever else the machine does comes on top of any of them. */
function timeOf(text: string): number {
  const once = (): number => {
    const from = performance.now();
    readRoster(text, projects);
    return performance.now() - from;
  };
  return Math.min(once(), once(), once());
}

describe('a very long list', () => {
  // A pattern that tries what it has read in other ways again would still be at it when the test’s time is over.
  it.each(PIECES)('of %j alone is read to its end', (piece) => {
    const times = Math.ceil(150_000 / piece.length);
    expect(readRoster(piece.repeat(times), projects)).toHaveLength(1);
    const text = `${piece.repeat(Math.ceil(1_400 / piece.length))}\n`.repeat(60);
    expect(
      readRoster(text, projects)
        .map((line) => line.text)
        .join('\n'),
    ).toBe(text);
  });

  it('takes time that grows with its length and no faster, whatever it is made of', () => {
    const long = fc.array(fc.constantFrom(...PIECES), { minLength: 1, maxLength: 3 }).map((parts) => parts.join(''));
    fc.assert(
      fc.property(long, fc.boolean(), (piece, inLines) => {
        const unit = inLines ? `${piece.repeat(200)}\n` : piece.repeat(200);
        // Sixteen times as much: were it the square, it would take two hundred and fifty-six times as long.
        const [few, many] = [timeOf(unit.repeat(8)), timeOf(unit.repeat(128))];
        expect(many / Math.max(few, 1)).toBeLessThan(100);
      }),
      { numRuns: 6 },
    );
  }, 60_000);

  it.each([
    ['1,000 blanks between a name and a wrist', `Ann${' '.repeat(1_000)}15 cm`],
    ['numbers that almost make a length', `Ann ${'1 '.repeat(265)}`],
    ['a line of a million signs', 'a'.repeat(1_000_000)],
    ['a quote that never ends', `"${'a\n'.repeat(20_000)}`],
  ])('answers %s with a seat or a question', (_, text) => {
    const lines = readRoster(text, projects);
    expect(lines.some(({ skip, faults, seat }) => !skip && (seat.name || faults.length > 0))).toBe(true);
  });

  it('says of a line that is too long what was not read of it', () => {
    const [line] = readRoster(`Ann, 15 cm, ${'x'.repeat(5_000)}`, projects);
    expect(line!.seat).toMatchObject({ name: 'Ann', wrist_mm: 150 });
    expect(line!.faults.map(({ problem }) => problem).join(' ')).toContain('which were not read');
  });
});

/** Text like that of lists: words of them, marks, numbers and line ends in any order. */
const listText = fc
  .array(
    fc.oneof(
      fc.constantFrom(
        ...PIECES,
        '\n',
        '16.5 cm',
        'age 9',
        'Wren',
        'buckle',
        'Name',
        'Wrist',
        ';',
        ':',
        'new',
        'nickel',
      ),
      fc.string({ maxLength: 6, unit: 'grapheme' }),
    ),
    { maxLength: 80 },
  )
  .map((parts) => parts.join(''));

describe('the spans of a line', () => {
  it('hold every character of it once, and every line of the text is one or part of one', () => {
    fc.assert(
      fc.property(listText, (text) => {
        const lines = readRoster(text, projects);
        for (const { text: own, spans } of lines) {
          let at = 0;
          for (const { from, to } of spans) {
            expect(from).toBe(at);
            expect(to).toBeGreaterThan(from);
            at = to;
          }
          expect(at).toBe(own.length);
        }
        const written = text.replace(/^\uFEFF/, '').split(/\r\n|\r|\n/);
        const first = new Map(lines.map((line) => [line.line, line.text]));
        expect([...first.values()].join('\n')).toBe(written.join('\n'));
      }),
      { numRuns: 250 },
    );
  });
});
