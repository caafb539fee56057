import { describe, expect, it } from 'vitest';
import { SHIPPED } from '../../../catalogue';
import { readRoster, type RosterLine } from '../../../src/formats/roster';

const read = (text: string): RosterLine[] => readRoster(text, Object.values(SHIPPED.projects));
const seats = (text: string): RosterLine[] => read(text).filter(({ skip }) => !skip);
const people = (text: string) => seats(text).map(({ seat }) => [seat.name, seat.wrist_mm, seat.age]);

describe('what is no number of a wrist or an age', () => {
  it.each<[string, string, string]>([
    ['Lou size M', 'Lou', 'wrist'],
    ['Ned small wrist', 'Ned', 'wrist'],
    ['Quin b. 2015 14cm', 'Quin', 'age'],
    ['Jon 165/190', 'Jon', 'wrist'],
  ])('%s: is asked about, and is not of the name', (line, name, field) => {
    const [one] = seats(line);
    expect([one!.seat.name, one!.faults.map((fault) => fault.field)]).toEqual([name, [field]]);
    expect(one!.seat.note).not.toBe('');
  });

  it.each<[string, number]>([
    ['Jo between 15 and 16 cm', 155],
    ['Jo at least 17 cm', 170],
    ['Jo up to 16 cm', 160],
  ])('%s: is an estimate', (line, mm) => {
    expect(seats(line).map(({ seat }) => [seat.name, seat.wrist_mm, seat.wrist_method])).toEqual([
      ['Jo', mm, 'estimate'],
    ]);
  });
});

describe('names among marks', () => {
  it.each<[string, string]>([
    ['Osra Weir <osra@example.org> 16.5cm', 'Osra Weir'],
    ['Osra Weir........16.5 cm', 'Osra Weir'],
    ['@osra 16.5 cm', 'osra'],
  ])('%s', (line, name) => {
    expect(seats(line).map(({ seat }) => [seat.name, seat.wrist_mm])).toEqual([[name, 165]]);
  });

  it('a chat may give the hour before the day; who wants to be counted is no count', () => {
    const chat =
      '[14:03, 1/12/2026] Osra: me please, 16.5 cm, buckle\n[14:05, 1/12/2026] Pell: count me in! wrist is 17';
    expect(people(chat)).toEqual([
      ['Osra', 165, null],
      ['Pell', 170, null],
    ]);
  });
});

describe('columns', () => {
  it('of a form are known by their question, whatever its number; a size is a wrist', () => {
    expect(people('Ticket #;Attendee;Q1: wrist size?;Q2) age\n1001;Osra Weir;16,5;9\n1002;Pell Marr;17;')).toEqual([
      ['Osra Weir', 165, 9],
      ['Pell Marr', 170, null],
    ]);
    const [osra, pell] = seats('Name,Size\nOsra,S\nPell,16 cm');
    expect([osra!.faults.map(({ field }) => field), pell!.seat.wrist_mm]).toEqual([['wrist'], 160]);
  });

  it('in which everybody answers whether they come: who does not plainly is asked about', () => {
    const table = 'Name,Coming?,Wrist\nOsra Weir,yes,16.5\nPell Marr,no,17\nJo Tarn,maybe,15';
    const tabs = 'Osra Weir\tyes\t16.5 cm\nPell Marr\tno\t17 cm\nJo Tarn\tmaybe\t15 cm';
    for (const text of [table, tabs]) {
      const [osra, ...others] = seats(text);
      expect([osra!.seat.name, osra!.seat.note, osra!.faults]).toEqual(['Osra Weir', '', []]);
      expect(others.map(({ seat, faults }) => [seat.name, faults.map(({ field }) => field)])).toEqual([
        ['Pell Marr', ['line']],
        ['Jo Tarn', ['line']],
      ]);
    }
  });

  it('that only spaces part have headings too, and their headings are nobody', () => {
    expect(people('Name  Wrist  Age\nOsra Weir  16.5  34\nPell Marr  6.5   9')).toEqual([
      ['Osra Weir', 165, 34],
      ['Pell Marr', 165, 9],
    ]);
  });
});
