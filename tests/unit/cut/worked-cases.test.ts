import { describe, expect, it } from 'vitest';
import { plan } from '../examples/seat';

/*
 * Worked by hand with a calculator. What all cases share:
 *
 * Square knot around two equal core strands. The strand crosses the front 0.94 d above the middle and the back 0.94 d below,
 * so the band is 2 × 0.94 + 1 = 2.88 d thick. A half knot is 1.65 d long. The sixteen chords of the half knot's table are
 * 0.541 + 0.496 + 0.496 + 0.532 + 0.507 + 0.511 + 0.503 + 0.505 + 0.508 + 0.501 + 0.497 + 0.504 + 0.526 + 0.507 + 0.497 +
 * 0.454 = 8.086 d; each is an arc that turns by about 0.4 rad and so is longer by 0.4² ÷ 24 = 0.66 %: 8.14 d a half knot.
 *
 * One in sixty: 59/60 = 0.98333 of a normal lies below 2.128 deviations.
 * Overhand knot: 9.55 d more strand than its 3.2 d height (from drawing it tight), 12.75 d; two strands as one of (√2 + 2) ÷ 2 = 1.707 d.
 */
const sheathed4 = { whole: { cord: 'sheathed-4' } };
const sheathed3 = { whole: { cord: 'sheathed-3' } };

describe('worked cases', () => {
  it('buckle band, sheathed 4 mm, wrist 168, easy, steady', () => {
    // d = 4 × 0.82 = 3.28; thickness 2.88 × 3.28 = 9.45, × π = 29.68
    // inner 168 + 12 = 180; centre 209.68; less buckle 30 and lark's head 3.28 = 176.40
    // half knots 176.40 ÷ 5.412 = 32.6 → 33 = 178.60, 2.20 too long
    // a leg: lark's head π(3+3.28)/2 + (2+π/2)3.28 = 9.86 + 11.71 = 21.58; core 178.60; turn 9.86;
    //   stitches 33 × 8.14 × 3.28 = 881.1; stub 4; tail 100; allowance 2.128 × 0.045 × 881.1 = 84.4: 1279.5
    // both legs 2559.0 → 2560
    const { fit, cut } = plan({ cords: sheathed4 });
    expect(fit!.inner_mm).toBe(180);
    expect(fit!.centre_mm).toBeCloseTo(209.7, 0);
    expect(fit!.half_knots).toBe(33);
    expect(fit!.knotted_mm).toBeCloseTo(178.6, 1);
    expect(fit!.error_mm).toBeCloseTo(2.2, 0);
    expect(cut!.cuts).toHaveLength(1);
    expect(cut!.cuts[0]!.length_mm).toBe(2560);
    const stretch = Object.fromEntries(cut!.cuts[0]!.anatomy.map((entry) => [entry.for, entry.mm]));
    expect(stretch.start).toBeCloseTo(43.2, 1);
    expect(stretch.core).toBeCloseTo(357.2, 1);
    expect(stretch.closure).toBeCloseTo(19.7, 1);
    expect(Math.abs(stretch.stitches! - 1762.2)).toBeLessThan(4);
    expect(stretch.tail).toBe(200);
    expect(Math.abs(stretch.allowance! - 168.7)).toBeLessThan(1);
  });

  it('buckle band in two colours, sheathed 3 mm, wrist 6 ½ in, snug, fluent', () => {
    // d = 2.49; thickness 7.17, × π = 22.53; inner 165.1 + 6 = 171.1; centre 193.63; − 30 − 2.49 = 161.14
    // 161.14 ÷ 4.1085 = 39.2 → 39 = 160.23, 0.91 too short
    // a leg, a cord of its own: sleeve 15; lark's head 8.62 + 8.89 = 17.51; core 160.23; turn 8.62; stitches 39 × 8.14 × 2.49
    //   = 790.5; stub 4; tail 75; allowance 2.128 × 0.03 × 790.5 = 50.5: 1121.3 → 1130, twice
    const { fit, cut } = plan({
      size: { wrist: 165.1 },
      ease: 'snug',
      skill: 'fluent',
      cords: { whole: { cord: 'sheathed-3', colours: ['race', 'sail'] } },
    });
    expect(fit!.half_knots).toBe(39);
    expect(fit!.error_mm).toBeCloseTo(-0.9, 0);
    expect(cut!.cuts.map((c) => [c.colour, c.length_mm])).toEqual([
      ['race', 1130],
      ['sail', 1130],
    ]);
  });

  it('buckle band for a child of 9: no flame, ends tucked', () => {
    // sheathed 2 mm: d = 1.70; thickness 4.90, × π = 15.38; inner 128 + 20 = 148; centre 163.38; buckle 10: − 24 − 1.70 = 137.68
    // 137.68 ÷ 2.805 = 49.1 → 49 = 137.45
    // a leg: lark's head 6.60 + 6.07 = 12.67; core 137.45; turn 6.60; stitches 49 × 8.14 × 1.70 = 678.1; tucked under 4 half
    //   knots 11.22; tail 130; allowance 2.128 × 0.07 × 678.1 = 101.0: 1077.0; both 2154.0 → 2160
    const { fit, cut, piece, messages } = plan({
      size: { wrist: 128 },
      age: 9,
      skill: 'new',
      ease: 'loose',
      cords: { whole: { cord: 'sheathed-2' } },
      options: { hardware: 'buckle-10' },
    });
    expect(piece!.flame).toBe(false);
    expect(messages.map((m) => m.code)).toContain('flame-age');
    expect(fit!.half_knots).toBe(49);
    expect(cut!.cuts[0]!.length_mm).toBe(2160);
    expect(cut!.cuts[0]!.anatomy.find((entry) => entry.for === 'end')!.mm).toBeCloseTo(22.4, 1);
  });

  it('ring fob with a finger loop, sheathed 3 mm', () => {
    // d = 2.49; 90 ÷ 4.1085 = 21.9 → 22 = 90.39
    // a leg: half the loop 45; knot 12.75 × 1.707 × 2.49 = 54.20; core 90.39; turn π(2.2+2.49)/2 = 7.37; stitches 22 × 8.14 × 2.49
    //   = 445.9; stub 4; tail 100; allowance 42.7: 789.6; both 1579.2 → 1580
    const { fit, cut } = plan({ project: 'fob-ring', size: null, cords: sheathed3 });
    expect(fit!.half_knots).toBe(22);
    expect(fit!.knotted_mm).toBeCloseTo(90.4, 1);
    expect(fit!.inner_mm).toBeUndefined();
    expect(cut!.cuts[0]!.length_mm).toBe(1580);
  });

  it('ring fob with a neck loop for a child: breakaway, no flame', () => {
    // 4 in = 101.6 ÷ 4.1085 = 24.7 → 25 = 102.71
    // a leg: half of 860 = 430; knot 54.20; core 102.71; turn 7.37; stitches 25 × 8.14 × 2.49 = 506.7; tucked 4 × 4.1085 =
    //   16.43; tail 130; allowance 2.128 × 0.07 × 506.7 = 75.5: 1322.9; both 2645.8 → 2650
    const { cut, items, messages } = plan({
      project: 'fob-ring',
      size: { knotted: 101.6 },
      age: 9,
      skill: 'new',
      cords: sheathed3,
      options: { loop: 'neck' },
    });
    expect(cut!.cuts[0]!.length_mm).toBe(2650);
    expect(items).toContainEqual({ item: 'breakaway', count: 1 });
    expect(messages.map((m) => m.code)).toContain('breakaway');
  });

  it('ring fob with a wrist loop for a hand of 205 mm, on a snap hook', () => {
    // d = 3.28; 120 ÷ 5.412 = 22.2 → 22 = 119.06; loop 205 + 10 = 215
    // a leg: 107.5; knot 12.75 × 1.707 × 3.28 = 71.39; core 119.06; turn π(2.8+3.28)/2 = 9.55; stitches 22 × 8.14 × 3.28 = 587.4;
    //   stub 4; tail 75; allowance 37.5: 1011.4; both 2022.8 → 2030
    const { cut } = plan({
      project: 'fob-ring',
      size: { knotted: 120 },
      hand: 205,
      skill: 'fluent',
      cords: sheathed4,
      options: { loop: 'wrist', hardware: 'snap-hook-10' },
    });
    expect(cut!.cuts[0]!.length_mm).toBe(2030);
  });

  it('by the ratio school: 12 to 1, of which core 2, and 100 mm for each hand', () => {
    // wrist 190: centre 202 + 29.68 = 231.68; − 30 − 3.28 = 198.40 ÷ 5.412 = 36.7 → 37 = 200.24
    // a leg: core 2 × 200.24 ÷ 2 = 200.24; working 10 × 200.24 ÷ 2 = 1001.22; hands 100: 1301.5; both 2602.9 → 2610
    const { cut } = plan({ size: { wrist: 190 }, cords: sheathed4, school: 'ratio' });
    expect(cut!.cuts[0]!.length_mm).toBe(2610);
  });

  it('by the core-multiple school: twice the wrist and 150, and three times that', () => {
    // core 2 × (170 + 150) = 640; working 3 × 640 = 1920; together 2560, on the step
    expect(plan({ size: { wrist: 170 }, cords: sheathed4, school: 'core-multiple' }).cut!.cuts[0]!.length_mm).toBe(
      2560,
    );
  });

  it('minutes of a new maker', () => {
    // 33 half knots and six counted twice = 39 × 30 s = 1170; starts and ends 30 + 40 + 60 = 130 s × 3 = 390: 1560 s = 26 min
    expect(plan({ skill: 'new', cords: sheathed4 }).minutes).toBe(26);
  });
});
