import { describe, expect, it } from 'vitest';
import { SHIPPED } from '../../../catalogue';
import { agesOnDay, readRoster, type RosterLine } from '../../../src/formats/roster';

const read = (text: string): RosterLine[] => readRoster(text, Object.values(SHIPPED.projects));
const seats = (text: string): RosterLine[] => read(text).filter(({ skip }) => !skip);

/** What was read of somebody, in a few words: “Osra 165 mm, 9, new”. */
const told = ({ seat }: RosterLine): string =>
  [
    [seat.name, seat.wrist_mm !== null && `${seat.wrist_mm} mm`].filter(Boolean).join(' '),
    seat.hand_mm !== null && `hand ${seat.hand_mm}`,
    seat.age,
    seat.skill,
    seat.project,
    seat.avoid.length > 0 && `no ${seat.avoid.join()}`,
  ]
    .filter((one) => one !== null && one !== false)
    .join(', ');
const all = (text: string): string[] => seats(text).map(told);
const asked = ({ faults }: RosterLine): string[] => faults.map(({ field }) => field);

describe('people in the prose of a mail', () => {
  const MAIL = [
    'Hello!',
    "We'd love to bring the whole family. There's me (Osra, wrist 16), Tam (18.5), and the kids: Elsie who is 11",
    '(14.5 cm), Bram 8 (about 13), and little Dot who’s only 5.',
    'See you Saturday,',
    'Osra',
    '> On 12 Nov Morag wrote:',
    '> Who’s coming?',
  ];

  it('are each read, from the name to the next, and asked about; what leads them and what is quoted is nobody', () => {
    const text = [MAIL[0], `${MAIL[1]} ${MAIL[2]}`, ...MAIL.slice(3)].join('\n');
    expect(all(text)).toEqual(['Osra 160 mm', 'Tam 185 mm', 'Elsie 145 mm, 11', 'Bram 130 mm, 8', 'Dot, 5']);
    for (const line of seats(text)) expect(asked(line)).toContain('line');
  });

  it('who brings others has a seat too', () => {
    expect(all('Rue: yes + my two girls (Isla 7, Wren 9), no idea of sizes')).toEqual(['Rue', 'Isla, 7', 'Wren, 9']);
  });

  it('who writes for a daughter seats the daughter', () => {
    const chat =
      '[18/11/2026, 20:14:03] Bryn: I’m in! 16.5 wrist\n[18/11/2026, 20:16:02] Bryn: and my daughter Mai, she’s 7';
    expect(all(chat)).toEqual(['Bryn 165 mm', 'Mai, 7']);
  });

  it('what a later line says to mind goes to the seat it is of, and is asked about', () => {
    const [elsie, ...others] = seats('Elsie 14.5 cm\nBram 13 cm\nElsie can’t have nickel.');
    expect(told(elsie!)).toBe('Elsie 145 mm, no nickel');
    expect(elsie!.faults.map(({ text }) => text)).toEqual(['Elsie can’t have nickel.']);
    expect(others.map(told)).toEqual(['Bram 130 mm']);
    expect(all('Elsie can’t have nickel\nElsie 14.5 cm')).toEqual(['Elsie 145 mm, no nickel']);
    expect(all('The buckles contain nickel\nElsie 14.5 cm')).toEqual(['Elsie 145 mm']);
    // What has a size of its own is another, or the same twice: asked, and not joined.
    expect(all('Elsie 14.5 cm\nElsie 13 cm, no nickel')).toHaveLength(2);
  });
});

describe('a line of a list', () => {
  it.each([
    ['Sam + Alfie Reddin, 10 and 12', ['Sam Reddin, 10', 'Alfie Reddin, 12']],
    ['Sam and Alfie, aged 10 and 12', ['Sam, 10', 'Alfie, 12']],
    ['Sam & Alfie - brothers, 6 & 8 years, wrists 12.5 and 13.2', ['Sam 125 mm, 6', 'Alfie 132 mm, 8']],
    ['Ned (6) & Polly (8), 13 cm', ['Ned, 6', 'Polly 130 mm, 8']],
    ['boys: Tom, Dick, Harry (all 9)', ['Tom, 9', 'Dick, 9', 'Harry, 9']],
    ['Seat 4 - J. van der Holm - 17.2cm - lots', ['J. van der Holm 172 mm, fluent']],
    ['Seat 2 - Dr. R. Pask - 18cm', ['Dr. R. Pask 180 mm']],
    ['+ Mr Hobbs (adult, 17.5)', ['Mr Hobbs 175 mm']],
    ['"Bo" Larkin 6⅜ in', ['Bo Larkin 162 mm']],
    ['Flo: six and three quarter inches', ['Flo 171 mm']],
    ['Kit Arden ........ n/k ........... new', ['Kit Arden, new']],
    ['Gil: 17 or so, never done it', ['Gil 170 mm, new']],
  ])('%s', (text, whole) => {
    expect(all(text)).toEqual(whole);
  });

  it('whose columns only spaces part has no numbers in its names', () => {
    const [ada, bo] = seats('ada    16,5     34   new\nbo     15       9    new');
    expect(told(ada!)).toBe('ada 165 mm, 34, new');
    // Fifteen may be a wrist or an age, beside nine.
    expect(bo!.seat.name).toBe('bo');
    expect(asked(bo!)).toContain('wrist');
  });

  it('a name and a number is somebody; what a number of a place says is not', () => {
    const [quill] = seats('- Quill 16 snug fit please\n- Osra 16.5');
    expect(quill!.seat.name).toBe('Quill');
    expect(asked(quill!)).toEqual(['wrist']);
    expect(all('Bus 12 leaves at the quay\nOsra 16.5')).toEqual(['Osra 165 mm']);
  });

  it('how tall somebody is, and how many they are, is no wrist', () => {
    expect(all('Cy, 5\'6", wrist 17\nWe are 2 in total.\nDi 6" wrist')).toEqual(['Cy 170 mm', 'Di 152 mm']);
  });

  it('two ages of one are asked about', () => {
    expect(asked(seats('Tilly, 10 and 12')[0]!)).toContain('age');
  });

  it.each(['Bel: can’t do this one x', 'Flo — absent', 'No: Hild', 'Hild is unable to attend'])(
    '%s: does not come, and is not lost',
    (text) => {
      expect(read(`${text}\nOsra 16.5`).map(({ kind }) => kind)).toEqual(['cancelled', undefined]);
    },
  );

  it.each([
    ['Osra 16.5, absent for the first hour', 'Osra 165 mm'],
    ['Osra 16.5, can’t do this knot yet', 'Osra 165 mm'],
    ['Osra 16.5, declined leather', 'Osra 165 mm'],
    ['Wren 9 + 1', 'Wren, 9'],
    ['Our Tam, new', 'Tam, new'],
  ])('%s: comes', (text, whole) => {
    expect(all(text)).toEqual([whole]);
  });

  it('who may come is asked about', () => {
    expect(asked(seats('Osra 16.5\nTam: put me down as a maybe')[1]!)).toContain('line');
  });
});

describe('headings', () => {
  it('of other languages are headings', () => {
    const list = 'Nachname, Vorname; Alter; Handgelenk; Bemerkung\nKroll, Jette; 12; 14,8 cm;\nVoss, Till; 34; 17;';
    expect(all(list)).toEqual(['Jette Kroll 148 mm, 12', 'Till Voss 170 mm, 34']);
  });

  it('over what the work does not need keep it out', () => {
    const [hattie] = seats('Name | M/F | Age | Wrist\nHattie Crewe | F | 10 | 14.2');
    expect([told(hattie!), hattie!.seat.note]).toEqual(['Hattie Crewe 142 mm, 10', '']);
  });
});

describe('a birthday', () => {
  const aged = (text: string): RosterLine[] => agesOnDay(read(text), '2026-11-27').filter(({ skip }) => !skip);

  it.each([
    ['2015-11-27', 11],
    ['2015-11-28', 10],
    ['27.11.2015', 11],
    ['28 Nov 2015', 10],
    ['Nov 28th, 2015', 10],
    ['3/4/15', 11],
    ["1.2.'84", 42],
  ])('%s is an age, and is not kept', (born, age) => {
    const [osra] = aged(`Name\tDate of birth\tWrist\nOsra\t${born}\t14.2 cm`);
    expect(osra!.seat).toMatchObject({ age, note: '' });
    expect(osra!.faults).toEqual([]);
    expect(aged(`Osra, born ${born}, 14.2 cm`)[0]!.seat).toMatchObject({ age, note: '' });
  });

  it('that may be two days of two ages is asked about, as is one that nobody has', () => {
    // The third of December or the twelfth of March.
    const [osra] = aged('Osra, dob 3/12/2015, 14 cm');
    expect(osra!.seat.age).toBeNull();
    expect(osra!.faults.map(({ problem }) => problem)).toEqual(['“dob 3/12/2015”: are they 10 or 11?']);
    expect(aged('Osra, born 4 May 2031, 14 cm')[0]!.faults.map(({ field }) => field)).toEqual(['age']);
    // Beside an age it only agrees or does not.
    expect(aged('Name,Age,DOB\nOsra,10,3/12/2015')[0]!.faults).toEqual([]);
  });

  it('is a question to whoever does not say on which day', () => {
    expect(asked(seats('Osra, born 2015-04-03, 14 cm')[0]!)).toEqual(['age']);
  });
});
