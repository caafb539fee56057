import { describe, expect, it } from 'vitest';
import { SHIPPED } from '../../../catalogue';
import { CONVENTIONS, halfKnotAt } from '../../../src/core/making';
import { exampleSeat } from '../../../src/core/seat';
import { textsOf, told } from './told';

describe('a half knot', () => {
  // Left in front and right behind are one knot; a band is flat when these alternate.
  const handOf = ({ side, level }: ReturnType<typeof halfKnotAt>): number =>
    (side === 'left') === (level === 'front') ? 1 : 2;

  it('is the same in every convention, knot by knot', () => {
    for (const convention of CONVENTIONS)
      for (const leads of ['left', 'right'] as const) {
        const flat = Array.from({ length: 12 }, (_, nth) => handOf(halfKnotAt(convention, nth, leads, false)));
        const first = leads === 'left' ? 1 : 2;
        expect(flat).toEqual(flat.map((_, nth) => (nth % 2 === 0 ? first : 3 - first)));
        const spiral = Array.from({ length: 12 }, (_, nth) => handOf(halfKnotAt(convention, nth, leads, true)));
        expect(new Set(spiral)).toEqual(new Set([first]));
      }
  });

  it('changes sides for a left hand, and nothing else', () => {
    const seat = exampleSeat(SHIPPED.projects['band-buckle']!);
    const right = told(seat).acts;
    const left = told(seat, { units: 'mm', left_handed: true }).acts;
    const swap = (text: string): string =>
      text.replace(
        /\b(?:left|right|Left|Right)\b/g,
        (w) => ({ left: 'right', right: 'left', Left: 'Right', Right: 'Left' })[w]!,
      );
    expect(textsOf(left)).toEqual(textsOf(right).map(swap));
    expect(left.map((act) => act.count)).toEqual(right.map((act) => act.count));
  });
});
