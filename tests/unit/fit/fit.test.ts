import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { SHIPPED } from '../../../catalogue';
import { estimateHand, innerOf } from '../../../src/core/fit';
import { isSection } from '../../../src/core/project';
import { bandOf, planSeat } from '../../../src/core/seat';
import { STARTING_FIGURES } from '../../../src/core/studio';
import { plan, seat } from '../examples/seat';

const projects = Object.keys(SHIPPED.projects);
const fitOf = (changes: Parameters<typeof plan>[0]) => plan(changes).fit!;

describe('from a size to a band', () => {
  it('inner circumference: the wrist with its ease, or as it was asked for', () => {
    expect(innerOf({ wrist: 168 }, 'snug', STARTING_FIGURES)).toBe(174);
    expect(innerOf({ wrist: 168 }, 'easy', STARTING_FIGURES)).toBe(180);
    expect(innerOf({ wrist: 168 }, 'loose', STARTING_FIGURES)).toBe(188);
    expect(innerOf({ finished: 181 }, 'loose', STARTING_FIGURES)).toBe(181);
    expect(estimateHand(150, STARTING_FIGURES)).toBeCloseTo(183, 5);
  });

  it('a finished size is the same band as the wrist that comes to it', () => {
    for (const project of projects) {
      const byWrist = plan({ project, size: { wrist: 168 }, hand: 205 });
      const byInside = plan({ project, size: { finished: 180 }, hand: 205 });
      if (byWrist.piece!.project.sizing.by === 'wrist') expect(byInside.fit!.counts).toEqual(byWrist.fit!.counts);
    }
  });

  it('a band length asked for is what the sections come to, as near as whole counts get', () => {
    for (const project of projects) {
      const { fit, piece } = plan({ project, size: { knotted: 200 }, hand: 205 });
      const unit = piece!.layout.filter(isSection).reduce((sum, s) => sum + (s.count === 'fill' ? s.unit : 0), 0);
      expect(Math.abs(fit!.knotted_mm - 200)).toBeLessThanOrEqual(unit / 2 + 1e-9);
      expect(fit!.inner_mm).toBeUndefined();
    }
  });

  it('the reckoning adds up to the band, and each neighbour is one unit away', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...projects),
        fc.integer({ min: 120, max: 230 }),
        fc.integer({ min: 1, max: 4 }),
        (project, wrist, wraps) => {
          const { fit, piece } = plan({ project, size: { wrist }, hand: 220, options: { wraps } });
          if (!fit) return;
          expect(fit.lines.reduce((sum, line) => sum + line.mm, 0)).toBeCloseTo(fit.knotted_mm, 6);
          for (const line of fit.lines) expect(line.because.text).not.toBe('');
          const unit = piece!.layout
            .filter(isSection)
            .reduce((sum, s) => sum + (s.count === 'fill' ? s.unit * (s.odd ? 2 : 1) : 0), 0);
          for (const n of fit.neighbours) expect(Math.abs(n.knotted_mm - fit.knotted_mm)).toBeCloseTo(unit, 6);
        },
      ),
    );
  });

  it('a piece that fits, by its overall length, gives the band that its wrist gives', () => {
    for (const project of projects.filter((slug) => SHIPPED.projects[slug]!.sizing.by === 'wrist')) {
      const { fit } = plan({ project, size: { wrist: 172 }, hand: 205 });
      const { fit: again } = plan({ project, size: { closed: fit!.centre_mm! }, hand: 205 });
      expect({ project, ...again!.counts }).toEqual({ project, ...fit!.counts });
      // The thickness of a band of fixed parts and the ring it is on depend on each other: to half a millimetre.
      expect(Math.abs(again!.inner_mm! - fit!.inner_mm!)).toBeLessThan(0.5);
      expect(again!.rule).toBeUndefined();
    }
  });

  it('makers’ rule stands beside it: an inch more than the wrist in thick cord, half an inch in thin', () => {
    expect(plan({ project: 'band-buckle', size: { wrist: 168 } }).fit!.rule).toMatchObject({
      closed_mm: 193,
      isThick: true,
    });
    expect(plan({ project: 'petal-arms', size: { wrist: 168 } }).fit!.rule).toMatchObject({
      closed_mm: 181,
      isThick: false,
    });
  });

  it('of a band that ends with the colour it begins with every count is odd', () => {
    for (let wrist = 130; wrist <= 220; wrist += 1) {
      const { fit } = plan({ project: 'double-spiral', size: { wrist } });
      expect([fit!.counts.band!, ...fit!.neighbours.map(({ half_knots }) => half_knots!)].map((n) => n % 2)).toEqual([
        1, 1, 1,
      ]);
    }
  });

  it('half knots are those of all its sections, the fixed ones too', () => {
    for (const project of projects) {
      const { piece, fit } = plan({ project });
      const tied = piece!.layout
        .filter(isSection)
        .reduce((sum, section) => sum + fit!.counts[section.id]! * section.halfKnots, 0);
      expect(fit!.half_knots ?? 0, project).toBeCloseTo(tied, 9);
    }
  });

  it('the band as it is laid out closes on the centre line', () => {
    for (const project of projects) {
      const result = plan({ project, size: { wrist: 172 }, hand: 205 });
      const { fit, piece } = result;
      const band = bandOf(result).filter(({ item }) => isSection(item) || !item.closedOver);
      const closed = piece!.closure.reduce((sum, { mm }) => sum + mm, 0);
      const length = band.reduce((sum, { length: l }) => sum + l, closed);
      if (fit!.centre_mm !== undefined) expect(length).toBeCloseTo(fit!.centre_mm + fit!.error_mm, 6);
      // Each item begins where the last one ends.
      bandOf(result).reduce((from, item) => {
        expect(item.from).toBeCloseTo(from, 9);
        return from + item.length;
      }, 0);
    }
  });

  it('three and four wraps: side by side; or, where a studio says so, each on the last, by 2π times the thickness', () => {
    for (const wraps of [2, 3, 4])
      expect(fitOf({ project: 'ladder-wrap', options: { wraps } }).centre_mm!).toBeCloseTo(wraps * 192.57, 0);
    const stacked = { ...STARTING_FIGURES, wrap_stack: 1 };
    const centre = (wraps: number) =>
      planSeat(seat({ project: 'ladder-wrap', options: { wraps } }), SHIPPED, stacked).fit!.centre_mm!;
    // t = 4: 192.57; then 217.70, 242.83 and 267.96 more
    expect(centre(1)).toBeCloseTo(192.6, 1);
    expect(centre(2) - centre(1)).toBeCloseTo(217.7, 1);
    expect(centre(3) - centre(2)).toBeCloseTo(242.8, 1);
    expect(centre(4) - centre(3)).toBeCloseTo(268.0, 1);
  });

  it('larger beads and buttons change the count as they should', () => {
    const beads = (mm: number) => fitOf({ project: 'ladder-wrap', options: { bead_mm: mm } }).repeats;
    expect(beads(4)).toBeGreaterThan(beads(6));
    // The button of 18, 4 thick, passes a loop of 2 (18 + 4) × 1.05 = 46.2, which reaches 23.1.
    // 6 mm: 180 + 18.85 − 23.1 = 175.75 ÷ 6 = 29.3 → 29
    expect(beads(6)).toBe(29);
    const knotted = (mm: number) => fitOf({ project: 'ladder-wrap', options: { button_mm: mm } }).target_mm;
    // A button 36 across is 8 thick: its loop reaches twice as far.
    expect(knotted(18) - knotted(36)).toBeCloseTo(23.1, 1);
  });

  it('too short a band is said, with what would do, and nothing is cut', () => {
    const { fit, cut, messages } = plan({ project: 'charm-centre', size: { finished: 20 }, hand: 120 });
    expect([fit, cut]).toEqual([undefined, undefined]);
    expect(messages.find((m) => m.code === 'band-too-short')!.text).toMatch(
      /too short for a repeat of [\d.]+ mm.*smaller bead/,
    );
  });

  it('a thicker cord makes a longer middle line for the same wrist', () => {
    const centre = (cord: string) => fitOf({ cords: { whole: { cord } } }).centre_mm!;
    expect(centre('sheathed-4')).toBeGreaterThan(centre('sheathed-3'));
    expect(centre('sheathed-3')).toBeGreaterThan(centre('sheathed-2'));
  });
});

describe('fillers', () => {
  it('are offered where whole modules leave room for them, and always bring the band nearer', () => {
    const offered = new Map<string, number>();
    for (const project of projects) {
      for (let wrist = 130; wrist <= 210; wrist++) {
        const fit = plan({ project, size: { wrist } }).fit;
        if (!fit?.filler) continue;
        offered.set(project, (offered.get(project) ?? 0) + 1);
        const { each_end, error_mm } = fit.filler;
        expect(fit.error_mm, project).toBeLessThan(0);
        expect(each_end, project).toBeGreaterThanOrEqual(1);
        expect(Number.isInteger(each_end)).toBe(true);
        expect(Math.abs(error_mm), `${project} ${wrist}`).toBeLessThan(Math.abs(fit.error_mm));
      }
    }
    // The modular ones at many wrists; a plain band, whose half knots are the unit, at none.
    expect(offered.get('petal-arms')).toBeGreaterThan(10);
    expect(offered.has('band-buckle')).toBe(false);
    expect(offered.has('ladder-wrap')).toBe(false);
  });
});

describe('symmetric pieces stay symmetric', () => {
  it('for every wrist both halves have the same count', () => {
    for (let wrist = 110; wrist <= 240; wrist += 3) {
      for (const project of ['class-band-bead', 'charm-centre', 'ring-centre', 'single-centre-knot', 'peg-band']) {
        const { fit } = plan({ project, size: { wrist }, hand: 230 });
        if (fit) expect(fit.counts.left).toBe(fit.counts.right);
      }
    }
  });

  it('and a module is never split', () => {
    for (let wrist = 110; wrist <= 240; wrist += 7) {
      const { fit, items } = planSeat(seat({ project: 'petal-arms', size: { wrist } }), SHIPPED, STARTING_FIGURES);
      if (!fit) continue;
      const { above, join, below, block } = fit.counts;
      expect(Number.isInteger(join)).toBe(true);
      expect([above, below, block]).toEqual([join, join, join]);
      expect(items.find(({ item }) => item === 'bead-6')!.count).toBe(4 * join!);
    }
  });
});
