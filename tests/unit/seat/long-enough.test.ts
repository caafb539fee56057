import { describe, expect, it } from 'vitest';
import { SHIPPED } from '../../../catalogue';
import { pieceLengths, planSeat } from '../../../src/core/seat';
import { STARTING_FIGURES } from '../../../src/core/studio';
import { seat } from '../examples/seat';

const of = (cord: string) => pieceLengths(cord, SHIPPED, STARTING_FIGURES);

describe('what a cord is long enough for', () => {
  it('is what the project would be cut to for an adult’s wrist, with the loss of the cut', () => {
    const own = planSeat(
      seat({ size: { wrist: STARTING_FIGURES.wrist_adult }, cords: { whole: { cord: 'sheathed-4' } } }),
      SHIPPED,
      STARTING_FIGURES,
    );
    const found = of('sheathed-4').find(({ project }) => project === 'band-buckle')!;
    expect(found).toEqual({
      project: 'band-buckle',
      name: 'Buckle band',
      role: 'whole',
      mm: own.cut!.cuts[0]!.length_mm + STARTING_FIGURES.cut_loss,
      pieces: 1,
    });
  });

  it('goes from the shortest strand to the longest, each project and role once', () => {
    for (const cord of Object.keys(SHIPPED.cords)) {
      const found = of(cord);
      expect(found.map(({ mm }) => mm)).toEqual(found.map(({ mm }) => mm).sort((a, b) => a - b));
      expect(new Set(found.map(({ project, role }) => `${project} ${role}`)).size).toBe(found.length);
    }
  });

  it('leaves out what cannot be made of it: 4 mm cord through small beads, leather in a fob’s knots', () => {
    const thick = of('sheathed-4').map(({ project, role }) => `${project} ${role}`);
    expect(thick).not.toContain('ladder-wrap thread');
    expect(of('knotting-05').map(({ project, role }) => `${project} ${role}`)).toContain('ladder-wrap thread');
    // A slider's short cord is among the first that an offcut will do for.
    const satin = of('satin-2');
    expect(satin.findIndex(({ role }) => role === 'slider')).toBeLessThan(satin.length / 2);
  });
});
