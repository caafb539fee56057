import { describe, expect, it } from 'vitest';
import { SHIPPED } from '../../../catalogue';
import { readRoster, type RosterLine } from '../../../src/formats/roster';

const read = (text: string): RosterLine[] => readRoster(text, Object.values(SHIPPED.projects));
const seats = (text: string): RosterLine[] => read(text).filter(({ skip }) => !skip);
const kinds = (text: string): string[] => read(text).map(({ kind }) => kind ?? 'seat');
const asked = ({ faults }: RosterLine): string[] => faults.map(({ field }) => field);

describe('who a list speaks of', () => {
  it.each([
    'Party for Tam (turning 8 on the day)',
    'Estuary makers, Thurs 3 Dec 2026, 18:30-20:30, max 8',
    'Spring class for Weir School, 14:00 to 16:00',
  ])('%s: names the list and nobody', (title) => {
    expect(kinds(`${title}\nTam 13.5 cm\nIvo 14 cm`)).toEqual(['heading', 'seat', 'seat']);
  });

  it('helpers take no seat; a name with a remark among people measured does', () => {
    const text = 'Helpers: Jo, Kay\nTam 13.5 cm\nXan - will bring wrist size\nReminder: bring scissors\nIvo 14 cm';
    expect(seats(text).map(({ seat }) => [seat.name, seat.wrist_mm, seat.note])).toEqual([
      ['Tam', 135, ''],
      ['Xan', null, 'will bring wrist size'],
      ['Ivo', 140, ''],
    ]);
  });

  it.each([
    'nobody yet',
    '6. (free)',
    'seat 5: still vacant',
    '- available -',
    'No one',
    'spare place',
    '3 empty seats',
  ])('%s: seats nobody', (line) => {
    expect(kinds(`Tam 13.5 cm\n${line}\nIvo 14 cm`)[1]).toMatch(/^(?:blank|total)$/);
    expect(seats(`Tam 13.5 cm\n${line}\nIvo 14 cm`)).toHaveLength(2);
  });

  it('words like those in a name are a name', () => {
    expect(seats('Open Sky 15 cm\nFreeman Spare 15 cm\nNobby Free, 17 cm').map(({ seat }) => seat.name)).toEqual([
      'Open Sky',
      'Freeman Spare',
      'Nobby Free',
    ]);
  });

  it('a seat whose name is to come is asked about, an empty place of a table is none', () => {
    const table = seats('Name,Wrist,Piece\nOsra Fenn,16 cm,buckle\nvacant,,\nUnknown,17 cm,\nTBC,,buckle\nN.N.,15 cm,');
    expect(table.map(({ seat }) => seat.name)).toEqual(['Osra Fenn', '', '', '']);
    expect(table.slice(1).map(asked)).toEqual([['name'], ['name'], ['name']]);
    expect(seats('Name to follow, 16 cm').map(({ seat, ...line }) => [seat.name, asked({ seat, ...line })])).toEqual([
      ['', ['name']],
    ]);
  });

  it.each(['Jory + Nan Breck, both 15 cm', 'Jory & Nan Breck both 15 cm', 'Jory/Nan Breck 15 cm each'])(
    '%s: two people, and asked about',
    (line) => {
      const both = seats(line);
      expect(both.map(({ seat }) => [seat.name, seat.wrist_mm])).toEqual([
        ['Jory Breck', 150],
        ['Nan Breck', 150],
      ]);
      expect(both.map(asked)).toEqual([['line'], ['line']]);
    },
  );

  it('who comes along is asked about, and is no age; nor are twins one person', () => {
    const all = seats('Wren + 1\nTove + Mum, 16 cm\nthe Breck twins, 14 cm\nOsra Weir/Marr 16 cm');
    expect(all.map(({ seat }) => [seat.name, seat.age])).toEqual([
      ['Wren', null],
      ['Tove', null],
      ['Breck twins', null],
      ['Osra Weir/Marr', null],
    ]);
    expect(all.map(asked)).toEqual([['line'], ['line'], ['line'], []]);
  });

  it('under a letter a school with its number to call is nobody', () => {
    const letter = 'Osra (8) 13.5cm\nPell 14 cm\n\nBest,\nJoss Weir\nEstuary School, tel 555 0134';
    expect(seats(letter).map(({ seat }) => seat.name)).toEqual(['Osra', 'Pell']);
  });

  it('what is said of somebody with a name is kept', () => {
    expect(seats('Tam 13.5 cm, reserved\nIvo 14 cm, open').map(({ seat }) => [seat.name, seat.note])).toEqual([
      ['Tam', 'reserved'],
      ['Ivo', 'open'],
    ]);
  });

  it('a place that is kept for somebody is theirs', () => {
    expect(seats('Reserved for Pell, 17 cm\nseat for Ivo, 15 cm').map(({ seat }) => seat.name)).toEqual([
      'Pell',
      'Ivo',
    ]);
  });

  it('a piece and a skill alone head those below', () => {
    const [mo, fay] = seats('Advanced - ladder\nMo Tarn 17,5cm\nFay L. 6 3/8"');
    expect(mo!.seat).toMatchObject({ name: 'Mo Tarn', skill: 'fluent', project: 'ladder-wrap', wrist_mm: 175 });
    expect(fay!.seat).toMatchObject({ name: 'Fay L.', skill: 'fluent', project: 'ladder-wrap', wrist_mm: 162 });
  });

  it('several on one line each have what stands by them, and are asked about', () => {
    const lines = seats('Olly Marsh 12.5 cm age 6, Ben Marsh 14 cm age 9, Cass Marsh 15 cm');
    expect(lines.map(({ seat }) => [seat.name, seat.wrist_mm, seat.age])).toEqual([
      ['Olly Marsh', 125, 6],
      ['Ben Marsh', 140, 9],
      ['Cass Marsh', 150, null],
    ]);
    // Every name is marked as one where the list is shown.
    const named = lines[0]!
      .spans!.filter(({ as }) => as === 'name')
      .map(({ from, to }) => lines[0]!.text.slice(from, to));
    expect(named).toEqual(['Olly Marsh', 'Ben Marsh', 'Cass Marsh']);
    expect(lines[0]!.faults[0]!.problem).toBe('3 people on one line: are they Olly Marsh, Ben Marsh and Cass Marsh?');
  });

  it.each<[string, string, string]>([
    ['Nia Pool (left-handed) 16.4 cm', 'Nia Pool', 'left-handed'],
    ['4) (waiting) Sal Brook 155mm', 'Sal Brook', 'waiting'],
    ['Kit wants a matching one, 15cm', 'Kit', 'wants a matching one'],
  ])('%s: a name without what is said around it, which is kept', (text, name, note) => {
    expect(seats(text).map(({ seat }) => [seat.name, seat.note])).toEqual([[name, note]]);
  });

  it('a mark by a name is asked about', () => {
    const [anya] = seats('Anya* 15 cm\nBryn 14 cm');
    expect(anya!.seat.name).toBe('Anya');
    expect(anya!.faults[0]!.problem).toContain('what does it mean');
  });

  it('who is struck off further down, or above, is asked about where they have a seat', () => {
    const lines = read('Mo Tarn 16.5cm\nBo Tarn 15cm\nCancelled: Mo Tarn');
    expect(lines.map(({ kind }) => kind ?? 'seat')).toEqual(['seat', 'seat', 'cancelled']);
    expect(lines.map((line) => asked(line))).toEqual([['line'], [], []]);
  });

  it('a chat speaks of who writes, whoever they bring, and who is out after all', () => {
    const chat = [
      "[09:14] Bea Sands: hi! can me and Hugo come? I'm 16cm",
      '[09:31] Orla: Orla 15.5 cm, reversible slider please',
      "[10:02] Tom Weir: I'll come, no idea about my wrist",
      '[10:03] Kay: lovely weather today',
      "[10:05] Tom Weir: can't make it after all sorry",
    ].join('\n');
    expect(kinds(chat)).toEqual(['seat', 'seat', 'seat', 'seat', 'text', 'cancelled']);
    const [bea, hugo, orla, tom] = seats(chat);
    expect([bea, hugo, orla, tom].map((line) => line!.seat.name)).toEqual(['Bea Sands', 'Hugo', 'Orla', 'Tom Weir']);
    expect(asked(bea!)).toContain('line');
    expect(asked(orla!)).toEqual([]);
    expect(tom!.faults.map(({ problem }) => problem)).toEqual([
      expect.stringMatching(/is it a seat for Tom Weir/),
      expect.stringMatching(/Line 5 says that Tom Weir is not coming/),
    ]);
  });
});

describe('what is said of them', () => {
  it.each<[string, number, string]>([
    ['Rolf 6 and a half inches', 165, 'told'],
    ['Rolf 13cm-ish', 130, 'estimate'],
    ['Rolf wrist about 5 and a quarter in', 133, 'estimate'],
    ['Rolf six and a half inches', 165, 'told'],
    ['Rolf wrist about fifteen cm', 150, 'estimate'],
    ['Rolf\t165mm\tbuckle', 165, 'told'],
  ])('%s', (text, mm, method) => {
    expect(seats(text)[0]!.seat).toMatchObject({ name: 'Rolf', wrist_mm: mm, wrist_method: method });
  });

  it('a number in a column of its own is not of the name; words for numbers in a name are', () => {
    const [pell, tove] = seats('Pell Marr\t17\tbuckle\nTove\t9\t');
    expect([pell!.seat.name, asked(pell!)]).toEqual(['Pell Marr', ['wrist']]);
    expect(tove!.seat.name).toBe('Tove');
    expect(seats('Eight Bells 15 cm\nSix Tarn 14 cm').map(({ seat }) => seat.name)).toEqual([
      'Eight Bells',
      'Six Tarn',
    ]);
  });

  it('a number after a bracket is asked about, not lost', () => {
    expect(asked(seats('Dee Pool (adult) 17')[0]!)).toEqual(['wrist']);
  });

  it('a scale is a skill that is asked about and a count of places a question; neither is an age', () => {
    const [gia, hal] = seats('Attendee,Places,Wrist (in),Ability 1-5\nGia Noor,1,5.5,1\nHal Crest,2,7,5');
    expect([gia!.seat.age, hal!.seat.age]).toEqual([null, null]);
    expect([gia!.seat.wrist_mm, hal!.seat.wrist_mm]).toEqual([140, 178]);
    expect([asked(gia!), asked(hal!).sort()]).toEqual([['skill'], ['line', 'skill']]);
  });

  it('small numbers under a heading that is not known are kept as they are', () => {
    const [gia] = seats('Name,Wrist cm,Lockers\nGia,15.5,7\nHal,16.5,12');
    expect(gia!.seat).toMatchObject({ age: null, note: '7' });
  });

  it('a remark that is a skill says it; what cord is wished for is no question', () => {
    const [lise] = seats('Name;Wrist;Notes\nLise;15,8;some experience\nPim;16;loves tea');
    expect(lise!.seat.skill).toBe('steady');
    expect(seats('Rolf 16 cm, leather')[0]).toMatchObject({ faults: [], seat: { note: 'leather' } });
  });

  it('two lengths and a skill for both', () => {
    const both = seats('Ned & Polly Frame    wrists 172mm/149mm      both new');
    expect(both.map(({ seat }) => [seat.name, seat.wrist_mm, seat.skill])).toEqual([
      ['Ned Frame', 172, 'new'],
      ['Polly Frame', 149, 'new'],
    ]);
  });
});
