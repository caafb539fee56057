import { addDays, formatISO, parseISO } from 'date-fns';
import { createElement, type ComponentProps } from 'react';
import { renderToStaticMarkup } from 'react-dom/server';
import { describe, expect, it } from 'vitest';
import { DateRuler } from '../../../src/ui/pictures/date-ruler';
import { LevelChart } from '../../../src/ui/pictures/level-chart';
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
  const chart = (props: Partial<ComponentProps<typeof LevelChart>>): string =>
    renderToStaticMarkup(
      createElement(LevelChart, { item: 'buckle-15', hand: 12, levels: [], today, units: 'cm', ...props }),
    );

  it('are lower where there is less, and below the line where something is missing', () => {
    const markup = chart({
      levels: [
        { on: '2030-05-03', level: 4, by: 'Tide club' },
        { on: '2030-05-10', level: 24, by: null },
        { on: '2030-05-20', level: -6, by: 'Ebb evening' },
      ],
    });
    const zero = numbers(markup, /<line x1="[\d.]+" x2="[\d.]+" y1="([\d.]+)"/g)[0]![0]!;
    const [club, evening] = numbers(markup, /<circle cx="([\d.]+)" cy="([\d.]+)"/g) as [number[], number[]];
    // The scale from its two ends: 24 pieces at the top, 6 missing at the foot, and nothing of it bent.
    const perPiece = (evening[1]! - zero) / 6;
    expect(perPiece).toBeGreaterThan(0);
    expect(club[1]).toBeCloseTo(zero - 4 * perPiece, 0);
    // Days to scale too: two days on, and nineteen.
    const left = numbers(markup, /<path d="M ([\d.]+) /g)[0]![0]!;
    expect((evening[0]! - left) / (club[0]! - left)).toBeCloseTo(19 / 2, 1);
    expect(read(markup)).toContain('24 pcs none −6 pcs');
    expect(markup).toMatch(/stroke-error[^>]*><title>Ebb evening/);
    expect(markup).toContain('<title>Delivery</title>');
  });

  it('with nothing missing have no foot below the line', () => {
    const markup = chart({ levels: [{ on: '2030-05-03', level: 4, by: 'Tide club' }] });
    expect(markup).not.toContain('error');
    expect(read(markup)).not.toContain('−');
  });

  it('write as many dates as can be read beside each other, the first always', () => {
    const days = Array.from({ length: 40 }, (_, i) =>
      formatISO(addDays(parseISO(today), i + 1), { representation: 'date' }),
    );
    const markup = chart({ levels: days.map((on, i) => ({ on, level: 12 - i, by: `Day ${i}` })) });
    const places = numbers(markup, /<text x="([\d.]+)" y="142"/g).flat();
    expect(places.length).toBeGreaterThan(4);
    expect(places.length).toBeLessThan(40);
    for (const [i, x] of places.slice(1).entries()) expect(x - places[i]!).toBeGreaterThanOrEqual(52);
    expect(read(markup)).toContain('2 May');
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
          { level: 'info', code: 'c', text: 'By measure.' },
          { level: 'error', code: 'a', text: 'Hole too small.' },
          { level: 'warning', code: 'b', text: 'An estimate.' },
        ],
      }),
    );
    expect(read(markup)).toBe('Put right: Hole too small. Look: An estimate. Note: By measure.');
    expect(renderToStaticMarkup(createElement(Messages, { messages: [] }))).toBe('');
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
