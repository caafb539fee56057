import { describe, expect, it } from 'vitest';
import { SHIPPED } from '../../../catalogue';
import type { Cut } from '../../../src/core/cut';
import { planSeat } from '../../../src/core/seat';
import { measureStitch, STITCHES } from '../../../src/core/stitch';
import { STARTING_FIGURES } from '../../../src/core/studio';
import { plan, seat } from '../examples/seat';

/*
 * One project of each construction, worked by hand with a calculator: wrist 168, easy (+ 12 = 180 inside), steady (hold 100),
 * hand 205 (+ 10 slack = 215). Shared figures:
 *
 * Overhand knot 12.75 d; two strands as one 1.707 d. A turn round two strands (2π + 2) d, with its rise 8.34 d.
 * Square knot round two strands 8.14 d a half knot, pitch 1.65 d; round four, both faces are two spacings wider in every two
 * half knots, so 8.14 + 2 × 0.94 = 10.02 d.
 * Allowance 2.128 × 0.045 = 0.0958 of the use.
 */
const made = (project: string, changes: object = {}) => plan({ project, hand: 205, size: { wrist: 168 }, ...changes });
const cut = (cuts: readonly Cut[], role: string): Cut => cuts.find((c) => c.role === role)!;
const stretch = (c: Cut, name: string): number =>
  c.anatomy.filter((entry) => entry.for === name).reduce((sum, entry) => sum + entry.mm, 0);

describe('worked constructions', () => {
  it('noose, leather 2 mm: wrist 170', () => {
    // d = 1.96; centre 182 + 6.16 = 188.16 = 96 d
    // a leg: half the eye 8.34 × 1.96 ÷ 2 = 8.18; knot 12.75 × 1.707 × 1.96 = 42.66; band 188.16; 215 − 182 = 33, but 50 to pull;
    //   stopper 42.66; hold 100 × 1.2 (stiff) = 120: 451.7; both 903.3 → 910
    const { fit, cut: by } = made('single-noose', { size: { wrist: 170 } });
    expect(fit!.knotted_mm).toBeCloseTo(188.2, 1);
    expect(by!.total_mm).toBe(910);
  });

  it('ring in the middle, satin 2 mm', () => {
    // d = 1.64; centre 185.15 − washer 25 = 160.15; a side 80.08 ÷ 1.64 = 48.8 → 49 = 80.36
    // a leg: ring π(6 + 1.64) ÷ 2 + (1 + π ÷ 2) 1.64 = 16.22; 80.36; slider 8 × 2.706 = 21.65 and 50 to pull; stopper 35.70;
    //   hold 100: 303.9; both 607.9 → 610, twice
    // slider cord, a leg: (4 + 1) × 1.64 ÷ 2 = 4.1; 8 × 10.02 × 1.64 = 131.5; stub 4; hold 100; allowance 12.6: 252.2; 504.4 → 510
    const { fit, cut: by } = made('ring-centre');
    expect(fit!.counts).toMatchObject({ left: 49, right: 49, slider: 8 });
    expect(cut(by!.cuts, 'core')).toMatchObject({ pieces: 2, length_mm: 610 });
    expect(cut(by!.cuts, 'slider')).toMatchObject({ pieces: 1, length_mm: 510 });
  });

  it('reversible band, satin 2 mm: a cord of each colour, square knots and a slider', () => {
    // d = 1.64; thickness 2.88 × 1.64 = 4.72, × π = 14.84; centre 194.84 ÷ 2.706 = 72.0 → 72
    // a working cord: two stubs 8; 72 × 8.14 × 1.64 = 961.2; hold 100; allowance 92.1: 1161.3 → 1170
    // a core cord: 72 × 2.706 = 194.83; two tails 71.65; two stoppers 35.70; hold 100: 509.5 → 510
    const { fit, cut: by } = made('reversible-slider');
    expect(fit!.half_knots).toBe(72);
    expect(by!.cuts.filter((c) => c.role === 'working').map((c) => c.length_mm)).toEqual([1170, 1170]);
    expect(cut(by!.cuts, 'core')).toMatchObject({ pieces: 2, length_mm: 510 });
  });

  it('bead row, waxed 1 mm: beads of 8, spacers of 3, a knot behind each', () => {
    // d = 0.96; a repeat 8 + 3 + 3.2 × 0.96 = 14.07; 8 thick: centre 180 + 25.13 = 205.13 ÷ 14.07 = 14.6 → 15 = 211.1
    // strand: 15 × (11 + 12.75 × 0.96) = 348.6; slider 14 × 1.584 = 22.18, two tails 72.18 = 144.4; two stoppers 24.5;
    //   slider from its own ends: 2 × 1.44 + 2 × 14 × 8.14 × 0.96 = 221.7; hold 4 × 100; allowance 0.0958 × (348.6 + 218.8) = 54.4
    //   1193.6 → 1200
    const { fit, cut: by, items } = made('bead-row-slider');
    expect(fit!.repeats).toBe(15);
    expect(fit!.error_mm).toBeCloseTo(5.9, 0);
    expect(by!.cuts).toHaveLength(1);
    expect(by!.total_mm).toBe(1200);
    expect(items).toContainEqual({ item: 'bead-8', count: 15 });
    expect(items).toContainEqual({ item: 'spacer-3', count: 15 });
  });

  it('ladder, leather 1.5 mm and thread 0.5 mm: one bead of 4 a rung', () => {
    // thickness 4; centre 180 + 12.57 − button 3.5 = 189.07 ÷ 4 = 47.3 → 47
    // a leg of leather, d = 1.47: loop (2 (15 + 3.5) × 1.05 + π 1.47) ÷ 2 = 21.73; 188; button π(2.5 + 1.47) ÷ 2 = 6.24; knot
    //   32.0; hold 120: 368.0; both 735.9 → 740
    // thread a rung: twice through the bead, 8; once round each leg at radius 0.97: 6.09, and on the side where it goes on by
    //   4 mm about √(6.09² + 3.5²) = 7.0: 21.1
    const { fit, cut: by, items } = made('ladder-wrap');
    expect(fit!.repeats).toBe(47);
    expect(items).toContainEqual({ item: 'bead-4', count: 47 });
    expect(cut(by!.cuts, 'core').length_mm).toBe(740);
    expect(Math.abs(stretch(cut(by!.cuts, 'thread'), 'stitches') / 47 - 21.1)).toBeLessThan(0.6);
  });

  it('ladder, twice round: the second wrap lies on the first', () => {
    // 2 × (180 + π 4) + 2π 4 = 410.3 − 3.5 = 406.8 ÷ 4 = 101.7 → 102 beads
    expect(made('ladder-wrap', { options: { wraps: 2 } }).fit!.repeats).toBe(102);
    // Side by side, where a studio says so: 2 × 192.57 − 3.5 = 381.6 ÷ 4 = 95.4 → 95
    const figures = { ...STARTING_FIGURES, wrap_stack: 0 };
    const flat = planSeat(seat({ project: 'ladder-wrap', options: { wraps: 2 } }), SHIPPED, figures);
    expect(flat.fit!.repeats).toBe(95);
  });

  it('tubes of 12, leather 1.5 mm', () => {
    // a tube 5.2 wide, a step 5.46; centre 180 + π 5.2 − button 3.5 = 192.84 ÷ 5.46 = 35.3 → 35
    // a leg a tube: 12 through it and half a circle of 5.46, 8.58: 20.6
    const { fit, cut: by } = made('tube-ladder');
    expect(fit!.counts.band).toBe(35);
    expect(Math.abs(stretch(by!.cuts[0]!, 'stitches') / 70 - 20.6)).toBeLessThan(0.6);
    expect(made('tube-ladder').messages.find((m) => m.code === 'size-range')!.text).toContain('from 180 to 219 mm');
  });

  it('double spiral: a half knot as in the single spiral, and straight past the other pair’s', () => {
    const { use, pitch } = measureStitch(STITCHES['double-spiral']!, { strands: 2, diameter: 1 });
    const single = measureStitch(STITCHES['half-knot-spiral']!, { strands: 2, diameter: 1 });
    const halfKnot = single.use.a! / 12;
    // Two of its own half knots in a repeat of four, and two passed.
    expect(Math.abs(use.a! - 2 * (halfKnot + pitch / 4)) / use.a!).toBeLessThan(0.03);
    const { fit, cut: by } = made('double-spiral');
    expect(fit!.half_knots! % 1).toBe(0);
    const [first, second] = by!.cuts.filter((c) => c.role === 'working');
    expect(first!.length_mm).toBe(second!.length_mm);
  });

  it('wrapped braid: the short strand is a little longer than the band, each wrapping leg about four times', () => {
    const { use, pitch } = measureStitch(STITCHES['wrapped-braid']!, { strands: 1, diameter: 1 });
    expect(use['core 1']! / pitch).toBeGreaterThan(1.1);
    expect(use['core 1']! / pitch).toBeLessThan(1.4);
    // An ellipse of half axes (1.75 + 1.15) ÷ 2 and 1: 7.8 round at most, and 1.08 at rest; a circle of 1.15 at least.
    expect(use.a!).toBeLessThan(7.8 + 1.08);
    expect(use.a!).toBeGreaterThan(2 * Math.PI * 1.0 + 1.08);
  });

  it('petal arms: whole modules in two arms, with fillers offered', () => {
    // d = 0.96; a module: 6 × 1.584 + 3.168 + 6 + 0.96 = 19.63
    const { piece, fit, items } = made('petal-arms');
    expect(piece!.sections.arms!.unit).toBeCloseTo(19.63, 1);
    expect(items).toContainEqual({ item: 'bead-6', count: 2 * fit!.counts.arms! });
    expect(Number.isInteger(fit!.counts.arms)).toBe(true);
    // 171 inside comes out 7.05 short; two half knots of 1.584 more at each end, 6.34, leave 0.71.
    const short = made('petal-arms', { size: { finished: 171 } }).fit!;
    expect(short.error_mm).toBeCloseTo(-7.05, 1);
    expect(short.filler!.each_end).toBe(2);
    expect(short.filler!.error_mm).toBeCloseTo(-0.71, 1);
  });

  it('charm in the middle: both halves alike, and everything twice', () => {
    const { fit, cut: by, items } = made('charm-centre');
    expect(fit!.counts.left).toBe(fit!.counts.right);
    for (const role of ['core', 'working']) expect(cut(by!.cuts, role).pieces).toBe(2);
    expect(items).toContainEqual({ item: 'bead-6', count: 4 });
  });

  it('button panels: the slit is as long as the button is wide and thick', () => {
    const { piece, fit } = made('button-panels', { options: { button_mm: 24 } });
    const slit = fit!.counts.slit! * piece!.sections.slit!.unit;
    // 24 across and 4 × 24 ÷ 18 = 5.33 thick
    expect(Math.abs(slit - 29.3)).toBeLessThan(2 * piece!.sections.slit!.unit);
  });

  it('centre-bead band: changing places evens the cuts out, and shortens the longest', () => {
    const swapped = made('class-band-bead').cut!;
    const without = made('class-band-bead', { options: { swap: false } }).cut!;
    expect(swapped.cuts[0]!.length_mm).toBe(swapped.cuts[1]!.length_mm);
    const longest = (cuts: readonly Cut[]) => Math.max(...cuts.map((c) => c.length_mm));
    expect(longest(swapped.cuts)).toBeLessThan(longest(without.cuts));
  });

  it('centre knot: fed by one leg, so the other is shorter by it', () => {
    const { piece, cut: by } = made('single-centre-knot');
    // d = 1.47; the knot’s path is 27.7 diameters
    expect(piece!.sections.knot!.uses.a! / 1.47).toBeCloseTo(27.7, 0);
    expect(by!.cuts).toHaveLength(1);
  });

  it('a counted row of beads leaves the rest of the band bare', () => {
    const { fit, items } = made('bead-row-slider', { options: { beads: 7 } });
    expect(items).toContainEqual({ item: 'bead-8', count: 7 });
    expect(fit!.counts.row).toBe(7);
    expect(fit!.counts.before).toBe(fit!.counts.after);
    expect(Math.abs(fit!.error_mm)).toBeLessThan(1);
  });

  it('a sliding band opens to the hand, whatever hand it is', () => {
    for (const hand of [180, 205, 260, 330]) {
      const { fit, cut: by } = made('reversible-slider', { hand });
      const core = cut(by!.cuts, 'core');
      const tails = stretch(core, 'slide');
      const slider = fit!.counts.slider! * 1.65 * 1.64;
      expect(fit!.inner_mm! + fit!.error_mm + tails - slider).toBeGreaterThanOrEqual(hand + 10 - 0.01);
    }
  });
});

describe('what clashes', () => {
  it('a tube too narrow for both legs names one that would do', () => {
    const { messages } = made('tube-ladder', {
      options: { hardware: 'tube-10' },
      cords: { whole: { cord: 'leather-2' } },
    });
    const said = messages.find((m) => m.code === 'hole-too-small')!;
    // Two of 1.96 mm need 3.92 mm; the hole is 3.2, the wider tube’s 4.
    expect(said.level).toBe('error');
    expect(said.text).toContain('hole 3.2 mm');
    expect(said.text).toContain('need 3.9 mm');
    expect(said.text).toContain('Tube bead 12 mm');
  });

  it('a choice that a project does not offer is said, not dropped', () => {
    const codes = (project: string, options: object) => made(project, { options }).messages.map((m) => m.code);
    expect(codes('single-noose', { wraps: 3 })).toContain('wraps');
    expect(codes('single-noose', { button_mm: 20 })).toContain('no-such-option');
    expect(codes('ladder-wrap', { wraps: 4 })).not.toContain('wraps');
  });

  it('the slider takes the band’s cord unless it is given its own', () => {
    const cords = (c: object) => cut(made('reversible-slider', { cords: c }).cut!.cuts, 'slider').cord;
    expect(cords({ core: { cord: 'waxed-1' }, working: { cord: 'waxed-1' } })).toBe('waxed-1');
    expect(cords({ working: { cord: 'waxed-1' }, slider: { cord: 'satin-1' } })).toBe('satin-1');
    expect(cords({})).toBe('satin-2');
  });
});
