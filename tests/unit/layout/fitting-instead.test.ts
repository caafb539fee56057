import { describe, expect, it } from 'vitest';
import { SHIPPED } from '../../../catalogue';
import { fittingInstead } from '../../../src/core/layout';
import { planSeat, type Seat } from '../../../src/core/seat';
import { STARTING_FIGURES } from '../../../src/core/studio';
import { seat } from '../examples/seat';

const instead = (own: Seat, from: string, to: string) =>
  fittingInstead(own, planSeat(own, SHIPPED, STARTING_FIGURES), from, to, SHIPPED, STARTING_FIGURES);

describe('hardware in place of other hardware', () => {
  it('is as many of its kind, and the piece is sized anew for it', () => {
    const own = seat({ project: 'band-buckle' });
    const plan = instead(own, 'buckle-15', 'buckle-steel-15');
    expect(plan!.items).toEqual([{ item: 'buckle-steel-15', count: 1 }]);
    // A buckle 1 mm longer when closed leaves 1 mm less to knot: the band is as near to it as whole knots are.
    const before = planSeat(own, SHIPPED, STARTING_FIGURES);
    expect(Math.abs(plan!.fit!.knotted_mm - (before.fit!.knotted_mm - 1))).toBeLessThan(7);
  });

  it.each<[string, Parameters<typeof seat>[0], string, string]>([
    ['is none where the piece does not take it', { project: 'band-buckle' }, 'buckle-15', 'split-ring-25'],
    ['is none of what the piece has not', { project: 'band-buckle' }, 'buckle-20', 'buckle-steel-15'],
    ['is none that warns of nickel', { project: 'band-buckle', avoid: ['nickel'] }, 'buckle-15', 'buckle-steel-15'],
    ['is none that the band does not go through', { project: 'band-buckle' }, 'buckle-15', 'buckle-10'],
  ])('%s', (_, own, from, to) => {
    expect(instead(seat(own), from, to)).toBeNull();
  });
});
