import { describe, expect, it } from 'vitest';
import { SHIPPED } from '../../../catalogue';
import { readRoster } from '../../../src/formats/roster';
import { changesTo, NO_EDIT, rowsOf, seatFrom, type Row } from '../../../src/islands/session/seats/list/list-rows';
import { seatRecord } from '../examples/view';

const projects = Object.values(SHIPPED.projects);
const seated = seatRecord({ name: 'Ada Quoin' });
const known = (name: string, age: number | null, wrist_mm: number | null) => ({
  id: `${name} ${age}`,
  name,
  age,
  wrist_mm,
  taken_on: null,
  sessions: 1,
  last_on: null,
  last_project: null,
});
const lines = (text: string, people: ReturnType<typeof known>[] = []) =>
  readRoster(text, projects).map((line) => ({
    ...line,
    known: people.filter(({ name }) => name.toLowerCase() === line.seat.name.toLowerCase()),
  }));
const rows = (text: string, edits = {}, there = [seated], people: ReturnType<typeof known>[] = []): Row[] =>
  rowsOf(lines(text, people), edits, there);

describe('a list against who is seated', () => {
  it('takes whoever has the name, whatever its case, for the same; nobody twice', () => {
    const [one, two, three] = rows(`${seated.name.toUpperCase()} 17 cm\n${seated.name}\nIvo Tarrant 15 cm`);
    expect([one!.there?.id, two!.there, three!.there]).toEqual([seated.id, null, null]);
    expect(one!.who).toBe(seated.person_id);
  });

  it('changes only what the list says otherwise', () => {
    const change = (text: string) => changesTo(seated, rows(`${seated.name} ${text}`)[0]!, SHIPPED);
    expect(change('')).toEqual({});
    expect(change(`${seated.wrist_mm} mm`)).toEqual({});
    expect(change('171 mm')).toEqual({ wrist_mm: 171, wrist_method: 'told' });
    expect(change(', left-handed, 165 mm')).toMatchObject({ note: expect.stringContaining('left-handed') as string });
    expect(change('no nickel')).toMatchObject({ avoid: ['nickel'] });
  });
});

describe('a line as it is mended', () => {
  it('keeps what was mended when the list is read again, and asks no more about it', () => {
    const text = 'Ivo Tarrant 99 cm, ring fob';
    expect(rows(text)[0]!.faults.map(({ field }) => field)).toEqual(['wrist']);
    const edits = { '1/0': { ...NO_EDIT, seat: { wrist_mm: 165, wrist_method: 'told' as const } } };
    const [mended] = rows(text, edits);
    expect(mended!.faults).toEqual([]);
    expect(mended!.seat).toMatchObject({ wrist_mm: 165, note: '', project: 'fob-ring' });
  });

  it('asks about two of one line once', () => {
    const both = rows('Sam & Tilly Frame 16 cm');
    expect(both.map(({ leads, faults }) => [leads, faults.length])).toEqual([
      [true, 1],
      [false, 0],
    ]);
  });

  it('asks each of several on one line about their own', () => {
    const all = rows('Osra 16.5 cm, Pell 15 cm blue or pink, Jo 99 cm');
    expect(all.map(({ faults }) => faults.map(({ field }) => field))).toEqual([['line'], ['rest'], ['wrist']]);
  });

  it('leaves out who does not come, with what the line says of them, and seats them all the same when told to', () => {
    const text = 'Osra 16.5 cm, Pell 15 cm cancelled';
    expect(rows(text).map(({ seat, out, skip }) => [seat.name, out, skip])).toEqual([
      ['Osra', false, undefined],
      ['Pell', true, undefined],
    ]);
    const [, back] = rows(text, { '1/1': { ...NO_EDIT, out: false } });
    expect([back!.out, back!.seat.name, back!.seat.wrist_mm]).toEqual([false, 'Pell', 150]);
    // Who sits there already is not the same as one who does not come: they are offered to be taken out.
    expect(rows(`${seated.name} cancelled`)[0]!.there).toBeNull();
  });

  it('is a known person only where something agrees; a namesake is asked about, another name is somebody new', () => {
    const people = [known('Ivo Tarrant', 10, 150)];
    const who = (text: string, edits = {}) => rows(text, edits, [], people)[0]!.who;
    expect(who('Ivo Tarrant 10 yrs')).toBe('Ivo Tarrant 10');
    expect(who('Ivo Tarrant 41 yrs')).toBeNull();
    expect(who('Ivo Tarrant')).toBeUndefined();
    expect(who('Ivo Tarrant 10 yrs', { '1/0': { ...NO_EDIT, seat: { name: 'Ivo Terrant' } } })).toBeNull();
    expect(who('Ivo Tarrant', { '1/0': { ...NO_EDIT, who: null } })).toBeNull();
  });
});

describe('colours of a list', () => {
  const of = (text: string) => seatFrom(rows(`Ivo Tarrant 15 cm, ${text}`, {}, [])[0]!.seat, SHIPPED);

  it('reach every cord of the piece, as its nearest', () => {
    const seat = of('reversible band, blue and green');
    expect(Object.values(seat.cords!).map((choice) => choice!.colours)).toEqual(
      Object.keys(seat.cords!).map(() => ['race', 'samphire']),
    );
    expect(seat.note).toBe('');
  });

  it('that the cord has none near are told in the note, and so are those of a piece not chosen yet', () => {
    expect(of('buckle band, purple').note).toBe('in purple');
    expect(of('blue').note).toBe('in blue');
    expect(of('blue')).not.toHaveProperty('cords');
  });
});
