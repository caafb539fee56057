import { describe, expect, it } from 'vitest';
import { SHIPPED } from '../../../catalogue';
import type { Cut } from '../../../src/core/cut';
import { planSeat } from '../../../src/core/seat';
import { measureStitch, STITCHES } from '../../../src/core/stitch';
import { STARTING_FIGURES } from '../../../src/core/studio';
import { plan, seat } from '../examples/seat';

/*
 * One project of each construction, worked by hand with a calculator: wrist 168, easy (+ 12 = 180 inside), steady (hold 80, draw up
 * 50), hand 205 (+ 10 slack = 215). Shared figures:
 *
 * Overhand knot 12.91 d; of two strands as one 18.62 d of each, 4.32 d high. A turn round two strands (2π + 2) d, with its rise 8.34 d.
 * Square knot round two strands, drawn as steady hands draw it (1.12): 8.42 d a half knot, pitch 1.848 d; round four, both faces are
 * two spacings wider in every two half knots, so 8.42 + 2 × 0.94 = 10.30 d; round one, as much narrower: 8.42 − 0.94 = 7.48 d.
 * Allowance 2.128 × 0.045 = 0.0958 of the use.
 */
const made = (project: string, changes: object = {}) => plan({ project, hand: 205, size: { wrist: 168 }, ...changes });
const cut = (cuts: readonly Cut[], role: string): Cut => cuts.find((c) => c.role === role)!;
const stretch = (c: Cut, name: string): number =>
  c.anatomy.filter((entry) => entry.for === name).reduce((sum, entry) => sum + entry.mm, 0);

describe('worked constructions', () => {
  it('bead row, waxed 1 mm: a core that carries beads, a working cord with a knot behind every one', () => {
    // d = 0.96; half knot 1.848 × 0.96 = 1.774; a bead of 8 or 3 with its square knot and half a diameter on each side:
    //   3.548 + 0.96 + 8 = 12.51, and 7.51: a repeat of 20.02; four, and the first bead without a knot, 8.96: 89.0
    // closed by the half knot that ties on and six square knots, 1.77 + 2 × 10.64 = 23.06; beads 8 thick over 89 mm of it, the rest
    //   2.88 × 0.96 = 2.77: centre 180 + 16.5 − 23.06 = 173.4 − 89.0 = 84.4; two sides of plain square knots of 3.548: 11.9 each,
    //   and no longer than draws up → 11 = 39.03 a side; band 167.1
    // core: band 167.1; two ends, each 23.06 through the closure and 50 to pull; spacer 3 and knot 12.39; draw up 50: 444.0 → 450
    const { fit, cut: by, items } = made('bead-row-slider');
    expect(fit!.counts).toMatchObject({ before: 11, 'first-bead': 1, row: 4, after: 11 });
    expect(cut(by!.cuts, 'core').length_mm).toBe(450);
    // working, a leg: six square knots round both core ends, 12 × 8.42 × 0.96 = 97.0; 22 plain ones round one, 44 × 7.48 × 0.96 = 316.0
    const working = cut(by!.cuts, 'working');
    const plain = working.anatomy.filter(({ because }) => /^4 × \((?:3|11) repeats/.test(because.text));
    expect(Math.abs(plain.reduce((sum, entry) => sum + entry.mm, 0) - 2 * (97 + 316))).toBeLessThan(20);
    // A maker cuts the working cord some four times as long as the core.
    expect(working.length_mm / cut(by!.cuts, 'core').length_mm).toBeGreaterThan(3);
    expect(working.length_mm / cut(by!.cuts, 'core').length_mm).toBeLessThan(4.5);
    expect(items).toContainEqual({ item: 'bead-8', count: 5 });
    // One between each two beads, and one at each end to pull by.
    expect(items.filter(({ item }) => item === 'spacer-3').reduce((sum, { count }) => sum + count, 0)).toBe(6);
  });

  it('ladder, leather 2 mm and both ends of a thread of 0.5 mm: one bead of 4 a rung', () => {
    // thickness 4; the loop round a button of 18, 4 thick, 2 × 22 × 1.05 = 46.2 inside, reaches 23.1;
    //   centre 180 + 12.57 − 23.1 = 169.47 ÷ 4 = 42.4 → 42
    // a leg of leather, d = 1.96: loop (46.2 + π 1.96) ÷ 2 = 26.18; 168; button π(2.5 + 1.96) ÷ 2 = 7.0; knot of all four
    //   26.75 × 1.96 = 52.4; stub 5; draw up 50 × 1.2 = 60: 318.6; both 637.2 → 640
    // each end of the thread a rung: up to the bead 1.7; through it, slanting, 4.1; once round a leg at radius 1.22, 7.65 and 1.7 on: 7.8
    const { fit, cut: by, items } = made('ladder-wrap');
    expect(fit!.repeats).toBe(42);
    expect(items).toContainEqual({ item: 'bead-4', count: 42 });
    expect(cut(by!.cuts, 'core').length_mm).toBe(640);
    expect(Math.abs(stretch(cut(by!.cuts, 'thread'), 'stitches') / 2 / 42 - 13.6)).toBeLessThan(0.6);
    // A hole of the button takes one leg of leather and one end of the thread: 1.96 + 0.475.
    const tight = made('ladder-wrap', { options: { button_mm: 15 } });
    expect(tight.messages.map(({ code }) => code)).toContain('hole-too-small');
  });

  it('ladder, twice round: side by side, or the second on the first where a studio says so', () => {
    // 2 × (180 + π 4) − 23.1 = 362.0 ÷ 4 = 90.5 → 91 beads
    expect(made('ladder-wrap', { options: { wraps: 2 } }).fit!.repeats).toBe(91);
    // One on the other: 2π 4 = 25.13 more: 387.2 ÷ 4 = 96.8 → 97
    const figures = { ...STARTING_FIGURES, wrap_stack: 1 };
    const stacked = planSeat(seat({ project: 'ladder-wrap', options: { wraps: 2 } }), SHIPPED, figures);
    expect(stacked.fit!.repeats).toBe(97);
  });

  it('tubes of 12, leather 1.5 mm', () => {
    // a tube 5.2 wide, a step 5.46; behind the button a gap of 1.5 × 1.47 and a knot of 4.32 × 1.47 = 8.56; the first end knot 6.35, and
    //   the loop round the button reaches 19.43; centre 180 + π 5.2 − 8.56 − 25.78 = 162.0 ÷ 5.46 = 29.7 → 30
    // a leg a tube: 12 through it and half a circle of 5.46, 8.58: 20.6
    const { fit, cut: by } = made('tube-ladder');
    expect(fit!.counts.band).toBe(30);
    expect(Math.abs(stretch(by!.cuts[0]!, 'stitches') / 60 - 20.6)).toBeLessThan(0.6);
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
    // The first colour alone ties the square knot behind the button: two half knots of 8.42 × 0.96 with each leg, and their allowance.
    const [first, second] = by!.cuts.filter((c) => c.role === 'working');
    expect(Math.abs(stretch(first!, 'stitches') - stretch(second!, 'stitches') - 4 * 8.42 * 0.96)).toBeLessThan(2);
    expect(first!.length_mm).toBeGreaterThan(second!.length_mm);
  });

  it('wrapped weave: the weft three to four times the band, each leg of the warp four to five', () => {
    const { use, pitch } = measureStitch(STITCHES['wrapped-weave']!, { strands: 1, diameter: 1 });
    expect(use.weft! / pitch).toBeGreaterThan(3);
    expect(use.weft! / pitch).toBeLessThan(4);
    for (const leg of ['a', 'b']) {
      expect(use[leg]! / pitch).toBeGreaterThan(4);
      expect(use[leg]! / pitch).toBeLessThan(5);
    }
    const { cut: by } = made('wrapped-three');
    expect(by!.cuts.map(({ role }) => role).sort()).toEqual(['whole', 'working']);
    // The short strand begins trapped in the loop’s knot, 3.2 × 2.49 and a stub of 4, and ends in two hitches.
    expect(stretch(cut(by!.cuts, 'working'), 'start')).toBeCloseTo(11.97, 1);
    expect(cut(by!.cuts, 'working').anatomy.some(({ because }) => because.text.includes('2 hitches'))).toBe(true);
    // Of the long one a leg ties the loop’s knot, the other runs straight through it.
    const whole = cut(by!.cuts, 'whole').anatomy.filter(({ for: what }) => what === 'start');
    expect(whole.some(({ because }) => because.text.includes('straight through'))).toBe(true);
  });

  it('petal arms, cotton 1 mm: whole flowers between two arms, six cords cut alike', () => {
    // d = 0.85; a half knot 1.848 × 0.85 = 1.571; a block of ten 15.71; a bead of 6 with half a diameter on each side 6.85; a flower of
    //   two of those round a loose square knot of 3.14, and the block after it: 32.55
    // the ring: 180 + π × 4.1 = 192.8, less two wraps of five turns, 8.5, and a knot to tie on, 10: 174.3; start, first block, close and
    //   two spirals of twelve, 22.0 + 2 × 18.85 = 59.7: 114.6 ÷ 32.55 = 3.5, of which no more than 3 leave a gap to tie over
    const { piece, fit, cut: by, items } = made('petal-arms');
    expect(piece!.sections.block!.unit).toBeCloseTo(15.71, 1);
    expect(fit!.counts).toMatchObject({ start: 1, first: 1, above: 3, join: 3, below: 3, block: 3, close: 1 });
    expect(fit!.repeats).toBe(3);
    expect(items).toContainEqual({ item: 'bead-6', count: 3 * 4 });
    // Five half knots more at each end, 2 × 7.85, leave it 1.2 short instead of 16.9.
    expect(fit!.error_mm).toBeCloseTo(-16.9, 1);
    expect(fit!.filler!.each_end).toBe(5);
    // The outer left strand: start, three joins and close round four, 5 × 17.5 = 87.5; four blocks round one, 40 × 7.48 × 0.85 = 254;
    //   past six beads, 6 × 9.6 = 58. At its far end the loop of 16, 5 of it left and 80 to hold by; at its near end five turns round
    //   four and the loop, 57, a spiral of twelve round three, 12 × 8.0 = 96, and the knot of five and 150 to tie on by, 25 + 150.
    const outer = cut(by!.cuts, 'working');
    expect(Math.abs(stretch(outer, 'stitches') - (87.5 + 254 + 58 + 96))).toBeLessThan(8);
    expect(Math.abs(stretch(outer, 'closure') - (16 + 57))).toBeLessThan(1.5);
    expect(stretch(outer, 'tail')).toBe(80);
    expect(Math.abs(stretch(outer, 'end') - (5 + 25 + 150))).toBeLessThan(1);
    // All six are laid down alike, whichever each becomes.
    expect(by!.cuts.map(({ pieces }) => pieces)).toEqual([4, 2]);
    expect(new Set(by!.cuts.map(({ length_mm }) => length_mm)).size).toBe(1);
    const inner = cut(by!.cuts, 'core');
    expect(inner.anatomy.at(-1)!.because.text).toContain('all are cut alike');
    expect(inner.anatomy.reduce((sum, { mm }) => sum + mm, 0)).toBeCloseTo(inner.length_mm, 6);
  });

  it('charm in the middle: both halves alike, and everything twice', () => {
    const { fit, cut: by, items } = made('charm-centre');
    const modules = fit!.counts.left!;
    expect(fit!.counts.right).toBe(modules);
    for (const role of ['core', 'working']) expect(cut(by!.cuts, role).pieces).toBe(2);
    // A bead on each pair of ends. Down the middle of each half one more than there are edge pairs.
    expect(items).toContainEqual({ item: 'bead-6', count: 2 });
    const small = items.filter(({ item }) => item === 'bead-4').reduce((sum, { count }) => sum + count, 0);
    expect(small).toBe(2 * (modules + 1) + 2 * 2 * modules);
    // The last bead is closed by one square knot, and four more follow.
    expect(fit!.counts['left-plain']).toBe(5);
  });

  it('button panels: the slit is as long as the button is wide and thick; each cord its own of eight strands', () => {
    const { piece, fit, cut: by } = made('button-panels', { options: { button_mm: 24 } });
    const slit = fit!.counts.slit! * piece!.sections.slit!.unit;
    // 24 across and 4 × 24 ÷ 18 = 5.33 thick
    expect(Math.abs(slit - 29.3)).toBeLessThan(2 * piece!.sections.slit!.unit);
    // A repeat: the borders make two pairs of hitches beside row one and wait beside row two; the As, Bs and centres tie four half knots.
    const { uses } = piece!.sections.band!;
    for (const [left, right] of ['ah', 'bg', 'cf', 'de'].map((pair) => [...pair]))
      expect(uses[left!]!).toBeCloseTo(uses[right!]!, 6);
    expect(uses.a!).toBeGreaterThan(4 * 7.3 * 0.93);
    expect(uses.a!).toBeLessThan(1.3 * uses.c!);
    // The borders alone hitch along the slit, each over the three beside it; then the outer A and B shut it.
    const along = by!.cuts.map((own) => own.anatomy.filter(({ for: what }) => what === 'stitches').length);
    expect(along).toEqual([2, 3, 1, 3]);
    expect(fit!.counts.close).toBe(2);
    expect(by!.cuts.reduce((sum, { pieces }) => sum + pieces, 0)).toBe(4);
  });

  it('class band: all four legs run on through the loop, as far as the hand needs, and end in a second knot', () => {
    const { cut: by, fit, piece } = made('class-band-bead', { hand: 260 });
    expect(piece!.hardware.bead!.opening_mm).toBeGreaterThan(2 * 1.2071 * 1.64);
    for (const c of by!.cuts) {
      // Each cord is two legs: 270 − the ring of about 180 on each.
      expect(stretch(c, 'slide')).toBeCloseTo(2 * (270 - (fit!.inner_mm! + fit!.error_mm)), 6);
      // The four are knotted before the loop and again further out.
      expect(c.anatomy.some(({ for: what, because }) => what === 'end' && because.text.includes('Overhand'))).toBe(
        true,
      );
    }
  });

  it('double spiral: the board holds the holding cord, so its ends are held', () => {
    const core = cut(made('double-spiral').cut!.cuts, 'core');
    expect(stretch(core, 'tail')).toBe(160);
    // An end that only ties a stopper is drawn up.
    expect(stretch(cut(made('band-loop-knot').cut!.cuts, 'core'), 'tail')).toBe(100);
    // An end left long to tie on by is tail enough.
    expect(stretch(cut(made('petal-arms').cut!.cuts, 'core'), 'tail')).toBe(0);
    // A short one of 75 is all but it: 80 to hold, for each leg.
    expect(stretch(made('peg-band').cut!.cuts[0]!, 'tail')).toBe(10);
  });

  it('centre-bead band: changing places evens the legs of each cord out, and takes no more of it', () => {
    const swapped = made('class-band-bead').cut!;
    const without = made('class-band-bead', { options: { swap: false } }).cut!;
    // Of each colour one leg works first and runs last, the other the other way round: 80 to hold and 50 to draw up in each cord.
    expect(swapped.cuts.map((c) => stretch(c, 'tail'))).toEqual([130, 130]);
    expect(swapped.cuts[1]!.length_mm).toBe(swapped.cuts[0]!.length_mm);
    // Without it one leg of each cord works all the way: as much cord, of which nearly all is wanted on one side of the fold.
    expect(without.cuts.map((c) => stretch(c, 'stitches'))).toEqual(swapped.cuts.map((c) => stretch(c, 'stitches')));
    expect(without.cuts.map((c) => stretch(c, 'tail'))).toEqual([130, 130]);
  });

  it('centre knot: fed by one leg, so the other is shorter by it', () => {
    const { piece, cut: by } = made('single-centre-knot');
    // d = 3.28; the knot’s path is 34.3 diameters, of which 9.2 lie along the band
    expect(piece!.sections.knot!.uses.a! / 3.28).toBeCloseTo(34.3, 0);
    expect(by!.cuts).toHaveLength(1);
  });

  it('a counted row of beads has plain knots before and behind it, as many', () => {
    const { fit, items } = made('bead-row-slider', { options: { beads: 3 } });
    expect(items).toContainEqual({ item: 'bead-8', count: 3 });
    expect(fit!.counts.row).toBe(2);
    expect(fit!.counts.before).toBe(fit!.counts.after);
    expect(fit!.counts.before).toBeGreaterThan(10);
  });
});
