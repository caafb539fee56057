import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { noteRecent, recentPlaces } from '../../../src/islands/chrome/recent';

let kept: Map<string, string>;
beforeEach(() => {
  kept = new Map();
  vi.stubGlobal('localStorage', {
    getItem: (key: string) => kept.get(key) ?? null,
    setItem: (key: string, value: string) => void kept.set(key, value),
  });
});
afterEach(() => vi.unstubAllGlobals());
const place = (n: number) => ({ title: `Project ${n}`, href: `/projects/${n}` });

describe('where one was last', () => {
  it('stands first, once, and the oldest makes room', () => {
    for (let n = 0; n < 12; n++) noteRecent(place(n));
    expect(recentPlaces()).toHaveLength(8);
    noteRecent(place(6));
    expect(recentPlaces().map(({ title }) => title)).toEqual([6, 11, 10, 9, 8, 7, 5, 4].map((n) => `Project ${n}`));
  });
  it.each([
    '',
    '{',
    '{}',
    '[1, null]',
    '[{"title":"x","href":"//elsewhere"}]',
    '[{"title":"x","href":"javascript:1"}]',
  ])('whatever else stands there is nothing: %s', (text) => {
    kept.set('recent', text);
    expect(recentPlaces()).toEqual([]);
    noteRecent(place(1));
    expect(recentPlaces()).toEqual([place(1)]);
  });
  it.each(['/', '/people?person=7', '/sessions/new', '/shelf'])('%s is no place to be found again', (href) => {
    noteRecent({ title: 'Elsewhere', href });
    expect(recentPlaces()).toEqual([]);
  });
  it('a browser that keeps nothing shows nothing, and breaks nothing', () => {
    vi.stubGlobal('localStorage', {
      getItem: () => {
        throw new Error('denied');
      },
      setItem: () => {
        throw new Error('full');
      },
    });
    expect(() => noteRecent(place(1))).not.toThrow();
    expect(recentPlaces()).toEqual([]);
  });
});
