import { describe, expect, it } from 'vitest';
import type { Seat } from '../../../src/core/seat';
import { STARTING_FIGURES } from '../../../src/core/studio';
import { plan } from '../examples/seat';

/*
 * Sheathed 4 mm, worked 3.28: the tightest half knot is 1.65 × 3.28 = 5.412 mm. 25 of them over 152 mm are 6.08 each: a draw of
 * 1.1234. The knots of a fluent maker are 1.08, of a steady one 1.12, of a new one 1.18 times the tightest.
 */
const counted = (half_knots: number, length_mm: number, changes: object = {}) =>
  plan({ project: 'band-buckle', made: { half_knots, length_mm }, ...changes });
const by = (skill: 'fluent' | 'steady' | 'new') => plan({ project: 'band-buckle', skill });

describe('half knots counted over a length', () => {
  it('are this maker’s draw at once, whatever their skill', () => {
    for (const skill of ['fluent', 'steady', 'new'] as const) {
      const { piece, fit } = counted(25, 152, { skill });
      const { draw, unit } = piece!.sections.band!;
      expect(draw).toBeCloseTo(1.1234, 4);
      expect(unit).toBeCloseTo(6.08, 6);
      expect(fit!.half_knots).toBe(Math.round(fit!.target_mm / 6.08));
    }
  });

  it('without one, the studio’s figure for the skill: the fewer the knots, the more open, and a little less cord', () => {
    const [fluent, steady, fresh] = (['fluent', 'steady', 'new'] as const).map(by);
    expect(fluent!.piece!.sections.band!.unit).toBeCloseTo(5.412 * 1.08, 3);
    expect(steady!.piece!.sections.band!.unit).toBeCloseTo(5.412 * 1.12, 3);
    expect(fresh!.piece!.sections.band!.unit).toBeCloseTo(5.412 * 1.18, 3);
    expect(fluent!.fit!.half_knots).toBeGreaterThan(fresh!.fit!.half_knots!);
    const use = (of: typeof fluent) => of!.cut!.cuts[0]!.anatomy.find((entry) => entry.for === 'stitches')!.mm;
    expect(use(fluent)).toBeGreaterThan(use(fresh));
  });

  it('tighter than the cord has room for are a question, and change nothing', () => {
    const tight = counted(25, 120);
    expect(tight.messages.map(({ code }) => code)).toContain('count-too-tight');
    expect(tight.cut).toEqual(by('steady').cut);
    // 5.412 × 25 = 135.3: just at the limit is taken.
    expect(counted(25, 136).messages.map(({ code }) => code)).not.toContain('count-too-tight');
  });

  it('say nothing of a piece without knots', () => {
    const noose = (made: Seat['made']) => plan({ project: 'single-noose', hand: 205, made }).cut;
    expect(noose({ half_knots: 25, length_mm: 120 })).toEqual(noose(null));
  });

  it('in stiff cord every draw is more open still, by its own figure', () => {
    const stiff = plan({ project: 'band-buckle', cords: { whole: { cord: 'leather-15' } } });
    expect(stiff.piece!.sections.band!.draw).toBeCloseTo(STARTING_FIGURES.draw_steady * STARTING_FIGURES.draw_stiff, 9);
  });
});
