import { createElement } from 'react';
import { renderToStaticMarkup } from 'react-dom/server';
import { describe, expect, it } from 'vitest';
import { DateRuler } from '../../../src/ui/pictures/date-ruler';
import { levelSteps } from '../../../src/ui/chart/level-steps';
import { Messages } from '../../../src/ui/messages';
import { ShortList } from '../../../src/ui/pictures/short-list';

/** What a pattern finds in a drawing, its groups as numbers. */
const numbers = (markup: string, pattern: RegExp): number[][] =>
  [...markup.matchAll(pattern)].map((found) => found.slice(1).map(Number));
/** What is read of a drawing: its text, without marks of its own. */
const read = (markup: string): string =>
  markup
    .replace(/<[^>]+>/g, ' ')
    .replace(/\s+/g, ' ')
    .trim();

describe('levels over the days ahead', () => {
  const today = '2030-05-01';

  it('begin with what is there, step at each day that changes it, and stay a little past the last', () => {
    const steps = levelSteps(
      12,
      [
        { on: '2030-05-03', level: 4, by: 'Tide club' },
        { on: '2030-05-10', level: 24, by: null },
        { on: '2030-05-20', level: -6, by: 'Ebb evening' },
      ],
      today,
    );
    expect(steps.slice(0, 4)).toEqual([
      [0, 12],
      [2, 4],
      [9, 24],
      [19, -6],
    ]);
    expect(steps.at(-1)![0]).toBeGreaterThan(19);
    expect(steps.at(-1)![1]).toBe(-6);
  });

  it('are what is there where nothing is ahead; what was due before today is due today', () => {
    expect(levelSteps(5, [], today)[0]).toEqual([0, 5]);
    expect(levelSteps(5, [{ on: '2030-04-28', level: 2, by: 'Past' }], today)[1]).toEqual([0, 2]);
  });
});

describe('the days ahead', () => {
  const ruler = (...held: string[]): string =>
    renderToStaticMarkup(
      createElement(DateRuler, {
        from: '2030-05-01',
        days: 40,
        sessions: held.map((held_on) => ({ title: 'Tide club', held_on })),
      }),
    );

  it('have a mark for each day with a session, at its place, and none past the end', () => {
    const marks = numbers(ruler('2030-05-01', '2030-05-11', '2030-05-11', '2030-06-12'), /<circle cx="([\d.]+)"/g);
    // Ten days of forty along a ruler of a thousand; the last lies two days past its end.
    expect(marks.flat()).toEqual([0, 250]);
  });

  it('name today and the Mondays', () => {
    // The first of May 2030 is a Wednesday.
    expect(read(ruler())).toBe('today 6 May 13 May 20 May 27 May 3 Jun');
  });
});

describe('what a seat’s messages look like', () => {
  it('worst first, each with a word beside its colour', () => {
    const markup = renderToStaticMarkup(
      createElement(Messages, {
        messages: [
          { level: 'info', code: 'c', text: 'It opens for 207 mm.', values: { hand_mm: 207 } },
          { level: 'error', code: 'a', text: 'Hole too small.', values: {} },
          { level: 'warning', code: 'b', text: 'An estimate.', values: {} },
        ],
        units: 'in',
      }),
    );
    expect(read(markup)).toBe('Put right: Hole too small. Look: An estimate. Note: It opens for 8 ⅛ in.');
    expect(renderToStaticMarkup(createElement(Messages, { messages: [], units: 'in' }))).toBe('');
  });
});

describe('what is short', () => {
  const item = (name: string, order_by: string | null, short_on = '2030-06-01') => ({
    item: name,
    name,
    hex: null,
    short: 1210,
    short_on,
    order_by,
  });
  const list = (items: ReturnType<typeof item>[]): string =>
    renderToStaticMarkup(createElement(ShortList, { items, today: '2030-05-10', units: 'cm' }));

  it('is in the order in which it has to be ordered, and says how late it is', () => {
    const markup = list([
      item('Buckles', null, '2030-05-12'),
      item('Rings', '2030-05-20'),
      item('Beads', '2030-05-08'),
      item('Hooks', '2030-05-10'),
    ]);
    expect(read(markup)).toBe(
      'Short Beads should have been ordered by 8 May 1,210 pcs Hooks order today 1,210 pcs Buckles needed on 12 May 1,210 pcs Rings order by 20 May 1,210 pcs What to order',
    );
    expect(markup.split('text-error').length - 1).toBe(2);
  });

  it('is cut to what one looks at, and says that there is more', () => {
    const markup = list(Array.from({ length: 9 }, (_, i) => item(`Thing ${i}`, `2030-05-1${i}`)));
    expect(markup.split('<li').length - 1).toBe(7);
    expect(read(markup)).toContain('All 9, and what to order');
  });
});
