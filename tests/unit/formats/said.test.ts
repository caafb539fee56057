import { describe, expect, it } from 'vitest';
import { SHIPPED } from '../../../catalogue';
import {
  differences,
  NOTHING_SAID,
  readRoster,
  SHIPPED_VOCABULARY,
  taught,
  withWords,
  wordsOf,
  type RosterLine,
  type Said,
  type SaidSpan,
} from '../../../src/formats/roster';

const projects = Object.values(SHIPPED.projects);
const read = (text: string, said: Partial<Said> = {}, vocabulary = SHIPPED_VOCABULARY): RosterLine[] =>
  readRoster(text, projects, vocabulary, { ...NOTHING_SAID, ...said });
/** What was said of some words of a text that stand once in it. */
const said = (text: string, words: string, as: SaidSpan['as'], means?: string): SaidSpan => {
  const lines = text.split('\n');
  const line = lines.findIndex((own) => own.includes(words));
  const from = lines[line]!.indexOf(words);
  return { line: line + 1, from, to: from + words.length, as, ...(means !== undefined && { means }) };
};

describe('what somebody says of a stretch', () => {
  it('stands, and the rest of the line is read around it', () => {
    const text = 'Wren Ashlock 16.5 cm weirwork blue';
    expect(read(text)[0]!.seat.project).toBeNull();
    const [row] = read(text, { spans: [said(text, 'weirwork', 'project', 'peg-band')] });
    expect(row!.seat).toMatchObject({ name: 'Wren Ashlock', wrist_mm: 165, project: 'peg-band', note: '' });
    expect(row!.faults).toEqual([]);
    // Every character still lies in a span, and the words in one of what they were said to be.
    expect(row!.spans.map(({ from, to }) => text.slice(from, to)).join('')).toBe(text);
    expect(row!.spans).toContainEqual(expect.objectContaining({ as: 'project', from: text.indexOf('weirwork') }));
  });

  it('can be the name, a wrist, a note or nothing', () => {
    const text = 'Rose 15 Marl friday';
    const all = [said(text, 'Rose', 'colour', '#c9748f'), said(text, '15', 'wrist'), said(text, 'Marl', 'name')];
    const [row] = read(text, { spans: [...all, said(text, 'friday', 'noise')] });
    expect(row!.seat).toMatchObject({ name: 'Marl', wrist_mm: 150, note: '' });
    expect(row!.seat.colours).toEqual([{ name: 'Rose', hex: '#c9748f' }]);
    const noted = read(text, { spans: [...all, said(text, 'friday', 'note')] })[0]!;
    expect(noted.seat.note).toBe('friday');
  });

  it('makes somebody of a line that was nobody’s', () => {
    const text = 'Juniors\nWren Ashlock 16.5 cm';
    expect(read(text)[0]!.skip).toBe(true);
    const rows = read(text, { spans: [said(text, 'Juniors', 'name')] });
    expect(rows.map(({ skip, seat }) => [skip, seat.name])).toEqual([
      [undefined, 'Juniors'],
      [undefined, 'Wren Ashlock'],
    ]);
  });

  it('goes before what a column holds, in a table', () => {
    const text = 'Name,Wrist,Choice\nWren Ashlock,16.5,weirwork\nIvo Tarrant,15,ring fob';
    const rows = read(text, { spans: [said(text, 'weirwork', 'project', 'peg-band')] });
    expect(rows.slice(1).map(({ seat }) => seat.project)).toEqual(['peg-band', 'fob-ring']);
  });

  it('goes before a key, in blocks', () => {
    const text = 'Name: Wren\nWrist: 16.5 cm\nLocker: 18\n\nName: Ivo\nWrist: 15 cm\nLocker: 17';
    const rows = read(text, { spans: [said(text, 'Wrist: 16.5 cm', 'hand')] });
    const [wren, ivo] = rows.filter(({ skip }) => !skip);
    expect(wren!.seat).toMatchObject({ hand_mm: 165, wrist_mm: null });
    expect(ivo!.seat.wrist_mm).toBe(150);
  });
});

describe('columns', () => {
  const text = 'Name,Size,Choice\nWren Ashlock,20.5,ring fob\nIvo Tarrant,19.5,ring fob';

  it('are told with their headings, and are what they are said to be', () => {
    const heading = read(text)[0]!;
    expect(heading.columns?.map(({ heading: head, as }) => [head, as])).toEqual([
      ['Name', 'name'],
      ['Size', 'wrist'],
      ['Choice', 'project'],
    ]);
    const rows = read(text, { columns: { 1: 'hand' } });
    expect(rows[0]!.columns![1]!.as).toBe('hand');
    expect(rows.slice(1).map(({ seat }) => [seat.hand_mm, seat.wrist_mm])).toEqual([
      [205, null],
      [195, null],
    ]);
  });
});

describe('words', () => {
  const word = { text: 'weirwork', as: 'project' as const, means: 'peg-band' };
  const text = 'Wren Ashlock 16.5 cm weirwork\nIvo Tarrant, weirwork, 15 cm';

  it('that are said once hold for every line of the list', () => {
    expect(read(text, { words: [word] }).map(({ seat }) => seat.project)).toEqual(['peg-band', 'peg-band']);
  });

  it('that are taught hold for every list, before what they meant', () => {
    const own = taught({ added: [], dropped: [] }, SHIPPED_VOCABULARY, word);
    const vocabulary = withWords(SHIPPED_VOCABULARY, own);
    expect(read(text, {}, vocabulary).map(({ seat }) => seat.project)).toEqual(['peg-band', 'peg-band']);
    const again = taught(own, SHIPPED_VOCABULARY, { text: 'Spiral', as: 'project', means: 'petal-arms' });
    const spiral = read('Wren Ashlock 16.5 cm spiral', {}, withWords(SHIPPED_VOCABULARY, again))[0]!;
    expect(spiral.seat.project).toBe('petal-arms');
    // Said anew, it is what was said last; of a word that ships nothing is kept.
    const back = taught(again, SHIPPED_VOCABULARY, { text: 'spiral', as: 'project', means: 'double-spiral' });
    expect(back).toEqual(own);
  });

  it('edited as a whole are kept as differences, and come back the same', () => {
    const all = wordsOf(SHIPPED_VOCABULARY);
    expect(differences(SHIPPED_VOCABULARY, all)).toEqual({ added: [], dropped: [] });
    const edited = [...all.filter(({ text: own }) => own !== 'beginner'), word];
    const kept = differences(SHIPPED_VOCABULARY, edited);
    expect(kept.added).toEqual([word]);
    expect(kept.dropped.map(({ text: own }) => own)).toEqual(['beginner']);
    const vocabulary = withWords(SHIPPED_VOCABULARY, kept);
    expect([...wordsOf(vocabulary), ...vocabulary.taught!]).toEqual(edited);
  });
});
