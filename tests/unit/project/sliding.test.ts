import { describe, expect, it } from 'vitest';
import type { Cut } from '../../../src/core/cut';
import { plan } from '../examples/seat';

/*
 * Pieces that slide open, worked by hand with a calculator: wrist 168, easy (+ 12 = 180 inside), steady (hold 80, draw up
 * 50), hand 205 (+ 10 slack = 215). Shared figures:
 *
 * Overhand knot 12.91 d; of two strands as one 18.62 d of each, 4.32 d high. A turn round two strands (2π + 2) d, with its rise 8.34 d.
 * Square knot round two strands, drawn as steady hands draw it (1.12): 8.42 d a half knot, pitch 1.848 d; round four, both faces are
 * two spacings wider in every two half knots, so 8.42 + 2 × 0.94 = 10.30 d; round one, as much narrower: 8.42 − 0.94 = 7.48 d.
 * Allowance 2.128 × 0.0806 = 0.1716 of the use.
 */
const made = (project: string, changes: object = {}) => plan({ project, hand: 205, size: { wrist: 168 }, ...changes });
const cut = (cuts: readonly Cut[], role: string): Cut => cuts.find((c) => c.role === role)!;
const stretch = (c: Cut, name: string): number =>
  c.anatomy.filter((entry) => entry.for === name).reduce((sum, entry) => sum + entry.mm, 0);

describe('worked constructions that slide open', () => {
  it('noose, sheathed 4 mm: wrist 170, two knots of two turns', () => {
    // d = 3.28; centre 182 + π 3.28 = 192.30; the noose: knot 4.2 × 1.35 × 3.28 = 18.60, eye 8.34 × 3.28 ÷ 2 = 13.68: 160.02
    // ÷ 3.28 = 48.8, and no longer than draws up → 48 = 157.44
    // the leg that ties: half the eye 13.68; 26.0 × 3.28 = 85.3; band 157.44; 215 − 179.4 = 36, but 50 to pull; stopper 85.3;
    //   stub 4; draw up 50: 445.7
    // the leg that stands: 13.68 + 18.60 + 157.44 + 50 + 18.60 + 4 + 50 = 312.3; both 758.0 → 760
    const { fit, cut: by } = made('single-noose', { size: { wrist: 170 } });
    expect(fit!.knotted_mm).toBeCloseTo(157.4, 1);
    expect(by!.total_mm).toBe(760);
    // Its stopper tied by both as one takes 29.3 × 3.28 = 96.1 of each leg, and each has a stub of 4.
    const both = made('single-noose', { size: { wrist: 170 }, options: { tied: 'all' } });
    expect(Math.abs(stretch(both.cut!.cuts[0]!, 'end') - 200.2)).toBeLessThan(0.5);
  });

  it('ring in the middle, waxed 1 mm', () => {
    // d = 0.96; a slider of five square knots, 10 × 1.848 × 0.96 = 17.74; centre 180 + π 0.96 = 183.02 − washer 25 − 17.74 = 140.28;
    //   a side 70.14 ÷ 0.96 = 73.06 → 73 = 70.08
    // a leg: looped on 24.45; 70.08; slider 17.74 and 50 to pull; stopper 18.62 × 0.96 = 17.9; draw up 50: 230.2; both 460.3 → 470, twice
    // slider cord, a leg: (4 + 1) × 0.96 ÷ 2 = 2.4; 10 × 10.30 × 0.96 = 98.9; stub 4; hold 80; allowance 17.0: 202.3; 404.5 → 410
    const { fit, cut: by } = made('ring-centre');
    expect(fit!.counts).toMatchObject({ left: 73, right: 73, slider: 5 });
    expect(cut(by!.cuts, 'core')).toMatchObject({ pieces: 2, length_mm: 470 });
    expect(cut(by!.cuts, 'slider')).toMatchObject({ pieces: 1, length_mm: 410 });
  });

  it('reversible band, satin 2 mm: a cord of each colour, square knots and a slider', () => {
    // d = 1.64; thickness 2.88 × 1.64 = 4.72, × π = 14.84; a slider of three square knots, 6 × 3.031 = 18.18;
    //   centre 194.84 − 18.18 = 176.66 ÷ 3.031 = 58.3, and no longer than draws up → 58 = 175.80
    // a working cord: two stubs 8; 58 × 8.42 × 1.64 = 800.9; hold 80, and draw its first end up 50; allowance 137.4: 1076.3 → 1080
    // a core cord: 175.80; two tails of 68.18; two stoppers 18.62 × 1.64 = 30.5; draw both ends up 100: 473.2 → 480
    const { fit, cut: by } = made('reversible-slider');
    expect(fit!.half_knots).toBe(58);
    expect(fit!.counts.slider).toBe(3);
    expect(by!.cuts.filter((c) => c.role === 'working').map((c) => c.length_mm)).toEqual([1080, 1080]);
    expect(cut(by!.cuts, 'core')).toMatchObject({ pieces: 2, length_mm: 480 });
    // In thinner cord a square knot more, and as many as are chosen.
    const thin = { core: { cord: 'satin-1' }, working: { cord: 'satin-1' } };
    expect(made('reversible-slider', { cords: thin }).fit!.counts.slider).toBe(4);
    expect(made('reversible-slider', { options: { slider: 6 } }).fit!.counts.slider).toBe(6);
  });

  it('a sliding knot: one strand of cord laid double all round, one in each knot and in the bead; no tail to open by', () => {
    // d = 3.28: bead 14, and two knots of two turns, 3 × 3.28 = 9.84 each; centre 180 + π 3.28 − 33.68 = 156.6 ÷ 3.28 = 47.7 → 47
    // a leg: 47 × 3.28 = 154.16; straight through the other's knot 9.84; its own 21.5 × 3.28 = 70.5; stub 4; draw up 50; leg A has the
    //   bead: 303.5 and 289.5: with the ends of the standing legs' draw 641.9
    const { fit, cut: by } = made('single-slide-beads');
    expect(fit!.counts.band).toBe(47);
    expect(stretch(by!.cuts[0]!, 'slide')).toBe(0);
    expect(stretch(by!.cuts[0]!, 'beads')).toBe(14);
    expect(Math.abs(stretch(by!.cuts[0]!, 'closure') - 2 * (9.84 + 70.5))).toBeLessThan(1);
    // A single band opens by its tails: (340 − 180) ÷ 2 and a little, on each side.
    const { cut: single, piece } = made('single-centre-knot', { hand: 330 });
    const closure = piece!.closure.reduce((sum, { mm }) => sum + mm, 0);
    const out = stretch(single!.cuts[0]!, 'slide') / 2 - closure;
    expect(out).toBeGreaterThan(79);
    expect(out).toBeLessThan(84);
  });

  it('a sliding band opens to the hand, whatever hand it is', () => {
    for (const hand of [180, 205, 260, 330]) {
      const { fit, cut: by } = made('reversible-slider', { hand });
      const core = cut(by!.cuts, 'core');
      const tails = stretch(core, 'slide');
      const slider = fit!.counts.slider! * 2 * 1.848 * 1.64;
      expect(fit!.inner_mm! + fit!.error_mm + tails - 2 * slider).toBeGreaterThanOrEqual(hand + 10 - 0.01);
    }
  });
});
