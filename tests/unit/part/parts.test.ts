import { describe, expect, it } from 'vitest';
import { SHIPPED } from '../../../catalogue';
import { PARTS, resized, safetyClass, type PartContext } from '../../../src/core/part';
import { context } from './context';

const hardware = (slug: string) => SHIPPED.hardware[slug]!;
const use = (slug: string, changes: Partial<PartContext> = {}): number => PARTS[slug]!.use(context(changes)).mm;
const along = (slug: string, changes: Partial<PartContext> = {}): number => PARTS[slug]!.along(context(changes));

/*
 * In a cord of d = 2. Round a bar: π (bar + d) ÷ 2. A turn round one strand 2π d with a rise of d: √(12.57² + 2²) = 12.72; round two
 * (2π + 2) d: √(16.57² + 2²) = 16.69. Knots are as long as they come out drawn tight, in diameters: the overhand 12.9, and of two strands
 * as one 18.6 of each on average; with a turn more 20.8 and 29.3.
 */
describe('what each part uses of a leg', () => {
  it.each<[string, Partial<PartContext>, number, string]>([
    ['buckle', { hardware: hardware('buckle-15') }, 7.85, 'π (3 + 2) ÷ 2'],
    ['ring', { hardware: hardware('split-ring-25') }, 6.6, 'π (2.2 + 2) ÷ 2'],
    [
      'larks-head',
      { hardware: hardware('buckle-15') },
      21.78,
      '7.85 round the bar, 4.4 up to its middle and 3 down, past the bight and half of it: 6.5',
    ],
    [
      'on-ring',
      { hardware: hardware('washer-25') },
      30.88,
      '12.57 round the bar, 5.9 up and 4.7 down, half the bight: 7.7',
    ],
    ['button', { hardware: hardware('button-15') }, 7.07, 'π (2.5 + 2) ÷ 2'],
    ['overhand', {}, 25.82, '12.9 × 2'],
    ['overhand', { strands: 2 }, 37.25, '18.6 × 2'],
    ['double-overhand', { strands: 2 }, 58.6, '29.3 × 2'],
    ['stacked-overhand', {}, 57.1, '28.6 × 2: two overhands, the second over the first'],
    ['double-overhand', {}, 41.61, '20.8 × 2'],
    ['figure-eight', {}, 33.65, '16.8 × 2'],
    ['button-knot', { strands: 2 }, 54.35, '27.2 × 2'],
    ['button-knot', { strands: 4 }, 76.87, '54.35 × √2: two bundles of twice the area'],
    ['turned-back', { strands: 2 }, 21.34, '10.67 × 2'],
    ['double-connection', {}, 31.17, '15.6 × 2'],
    ['overhand-loop', { strands: 2, loop: 90 }, 82.25, '45 + 37.25'],
    ['fold-loop', { mate: 40 }, 24.1, '(40 × 1.05 + π 2) ÷ 2 = (42 + 6.28) ÷ 2'],
    ['slip-loop', { mate: 40 }, 46.82, '42 ÷ 2 + 25.82'],
    ['noose', { strands: 2 }, 45.6, '16.69 ÷ 2 + 37.25'],
    ['noose', { strands: 2, times: 2, tied: 'one' }, 60.36, '16.69 ÷ 2 + 26.0 × 2: two turns round the other leg'],
    ['overhand-loop', { strands: 4 }, 64.6, 'half of π × 4.83 × 1.05 + 2π, 22.2 ÷ 2, and 26.75 × 2'],
    ['looped-on-core', { strands: 2 }, 17.2, 'once round two strands, π (2 + 2) + 2 × 2, with a rise of 2.2 × 2'],
    ['looped-on-core', { strands: 2, round: 4, d: 1 }, 23.8, 'round two of 4 with a cord of 1: π (4 + 1) + 2 × 4'],
    ['trapped-end', {}, 10.4, '3.2 × 2 through the knot and a stub of 4'],
    ['trimmed-end', {}, 5, 'as it is left'],
    ['tie-loop', { strands: 2 }, 62.25, '25 high, and 37.25'],
    ['finger-tail', {}, 75, 'a finger'],
    ['neck-knot', { strands: 2 }, 40.25, 'a gap of 1.5 × 2, and 37.25'],
    ['shank', { hardware: hardware('shank-button-12'), strands: 2 }, 3.6, 'its wire of 1.6, and 2'],
    ['caught-bead', { hardware: hardware('bead-6'), strands: 2 }, 80.5, '6 + 2 × 37.25'],
    ['wide-fused-end', {}, 6, 'a quarter of an inch'],
    ['edge-whipped-end', {}, 13.2, 'along 4 half knots of 3.3'],
    ['sliding-knot', { times: 2, stands: true }, 6, 'straight through: (2 + 1) × 2'],
    ['friction-hitch', { times: 2, strands: 2 }, 39.14, '2 × √(16.57² + 4²) + 5.05 of the bar'],
    ['sliding-knot', { times: 4 }, 80.51, '4 × 16.69 + 5 × 2, and 3.8 where it turns back under'],
    ['half-hitches', { times: 3 }, 44.2, '3 × (12.72 + 2)'],
    [
      'wrapped-transition',
      { times: 5, strands: 2 },
      115.46,
      '5 × √(2π (1.707 × 2)² + 2²) = 5 × 21.54 round two and the loop’s legs, and 7.8 through the loop',
    ],
    ['tie-middle', { strands: 2 }, 3, '(2 + 1) 2 ÷ 2'],
    ['tie-tail', {}, 150, 'a hand'],
    ['fused-end', {}, 4, 'the stub'],
    ['glued-end', {}, 4, 'the stub'],
    ['tucked-end', {}, 13.2, '4 half knots of 3.3'],
    ['sleeve-join', {}, 35, 'the tail, of which the last 19 is a sleeve'],
    ['sleeve-join', { stands: true }, 0, 'the other cord’s end lies within the band'],
    ['butt-join', {}, 4, 'the stub'],
    ['tuck-join', {}, 40, 'under the knotting'],
    ['offset-fold', {}, 0, 'a fold uses nothing'],
    ['through-bead', { hardware: hardware('bead-10') }, 10, 'straight through'],
    ['end-bead', { hardware: hardware('bead-6') }, 31.82, '6 + 25.82'],
    ['slide-tail', { slider: 22 }, 72, '22 + 50, since (215 − 180) ÷ 2 = 17.5 is too little to pull by'],
    ['slide-tail', { slider: 22, hand: 340 }, 102, '22 + (340 − 180) ÷ 2'],
    ['slide-tail', { slider: 22, hand: 340, times: 2 }, 182, '22 + 2 (340 − 180) ÷ 2, where the band lies double'],
    ['overhand', { strands: 2, tied: 'one' }, 31.17, '15.6 × 2: round the other leg at its turn'],
    ['overhand', { strands: 2, tied: 'one', stands: true }, 8.64, '3.2 × 1.35 × 2, straight through'],
    ['double-overhand', { strands: 2, tied: 'one' }, 52.02, '26.0 × 2'],
    ['sliding-knot', { times: 3 }, 61.75, '3 × 16.69 + 4 × 2 + 3.7'],
    ['sliding-knot', { times: 2 }, 43.01, '2 × 16.69 + 3 × 2 + 3.6'],
    ['leg-tail', {}, 50, 'since 215 − 180 = 35 is too little to pull by'],
    ['leg-tail', { hand: 260 }, 80, '260 − 180'],
    ['knot-row', { strands: 2, times: 3, mate: 37 }, 216.7, '3 × (37 × 1.05 + π 2) ÷ 2 = 67.7, and 4 × 37.25'],
  ])('%s with %o: %f mm, %s', (slug, changes, mm) => {
    expect(Math.abs(use(slug, changes) - mm)).toBeLessThan(0.25);
  });

  it('and every part is worked out here, says why, and grows with the cord', () => {
    for (const part of Object.values(PARTS)) {
      const on = { hardware: hardware('bead-10'), loop: 90, mate: 30, strands: 2, times: 2, slider: 20 };
      const thin = part.use(context(on));
      const thick = part.use(context({ ...on, d: 3, halfPitch: 4.95 }));
      expect(thin.because.text.length).toBeGreaterThan(5);
      expect(thin.mm).toBeGreaterThanOrEqual(0);
      expect(thick.mm).toBeGreaterThanOrEqual(thin.mm);
    }
  });
});

/*
 * What closes the ring, by hand in a cord of d = 2: a loop reaches half its inside; a wrapped knot is its turns side by side and where
 * the end comes out; a friction hitch its turns of both legs and the bar; a noose its knot (3.2 d, and 1.35 so thick round the other
 * leg) and half its eye of 16.69.
 */
describe('what each closure takes of the ring', () => {
  it.each<[string, Partial<PartContext>, number, string]>([
    ['fold-loop', { mate: 40 }, 21, '40 × 1.05 ÷ 2'],
    ['fold-loop', { strands: 4 }, 7.96, 'the four that made it, a bundle of (1 + √2) 2 across: π × 4.83 × 1.05 ÷ 2'],
    ['sliding-knot', { times: 3 }, 8, '(3 + 1) × 2'],
    ['sliding-knot', { times: 2 }, 6, '(2 + 1) × 2'],
    ['friction-hitch', { times: 2, strands: 2 }, 10, '(2 × 2 + 1) × 2'],
    ['noose', { strands: 2, tied: 'one' }, 16.98, '3.2 × 1.35 × 2 + 8.34'],
    ['tie-tail', {}, 10, 'a gap of the maker’s choosing'],
    ['knot-row', { mate: 40, strands: 2, times: 3 }, 29.64, '4.32 × 2 + 21'],
  ])('%s with %o: %f mm, %s', (slug, changes, mm) => {
    expect(PARTS[slug]!.ring!(context(changes)).mm).toBeCloseTo(mm, 1);
  });

  it('a wrapped knot takes a turn less in thick cord', () => {
    const { turns } = PARTS['sliding-knot']!;
    const { cord } = context();
    expect(turns!({ ...cord, diameter_mm: 2.9 })).toBe(3);
    expect(turns!({ ...cord, diameter_mm: 3 })).toBe(2);
  });
});

describe('what each part takes up of the band', () => {
  it.each<[string, Partial<PartContext>, number]>([
    // Edge to edge when closed; a bead's length; a button's thickness; a ring's width across.
    ['buckle', { hardware: hardware('buckle-15') }, 45],
    ['through-bead', { hardware: hardware('bead-10') }, 10],
    ['button', { hardware: hardware('button-15') }, 3.5],
    ['on-ring', { hardware: hardware('washer-25') }, 25],
    // A lark's head none, for the knotting stands against the plastic; an overhand knot 3.2 d; a button knot 4 d.
    ['larks-head', { hardware: hardware('buckle-15') }, 0],
    ['overhand', {}, 6.4],
    ['button-knot', { strands: 2 }, 8],
    ['button-knot', { strands: 4 }, 11.3],
    ['button-knot', { strands: 1 }, 8],
    // One turn more stands a diameter higher: 4.2 d; of two strands as it is drawn tight, 6.71 d.
    ['double-overhand', {}, 8.4],
    ['double-overhand', { strands: 2 }, 13.4],
    // A gap of 1.5 d and the knot of two, 4.32 d.
    ['neck-knot', { strands: 2 }, 11.6],
    // Loops, tails, ends and joins none.
    ['fold-loop', { mate: 40 }, 0],
    ['slide-tail', {}, 0],
    ['tucked-end', {}, 0],
    ['sleeve-join', {}, 0],
  ])('%s: %o', (slug, changes, mm) => {
    expect(along(slug, changes)).toBeCloseTo(mm, 1);
  });

  it('a loop is as wide as what closes it is round', () => {
    // On edge, a button 15 across and 3.5 thick needs 37 round; a button knot of 2 mm cord is a ball of 8, 25.1 round.
    expect(PARTS.button!.girth!(context({ hardware: hardware('button-15') }))).toBe(37);
    expect(PARTS['button-knot']!.girth!(context({ strands: 2 }))).toBeCloseTo(25.1, 1);
    expect(PARTS['button-knot']!.girth!(context({ strands: 4 }))).toBeCloseTo(35.5, 1);
    // Round the drawn strands: an overhand is 2.94 d across, one of two strands 4.37 d; with a turn more 3.07 d and 4.47 d.
    const across = (slug: string, strands: number) => PARTS[slug]!.girth!(context({ strands })) / (Math.PI * 2);
    expect(across('overhand', 1)).toBeCloseTo(2.94, 1);
    expect(across('overhand', 2)).toBeCloseTo(4.37, 1);
    expect(across('double-overhand', 1)).toBeCloseTo(3.07, 1);
    expect(across('double-overhand', 2)).toBeCloseTo(4.47, 1);
    for (const slug of ['figure-eight', 'double-connection'])
      expect(PARTS[slug]!.girth!(context())).toBeGreaterThan(Math.PI * 2 * 2);
  });
});

describe('holes and openings', () => {
  const hole = (slug: string, strands: number, d = 2) =>
    PARTS['through-bead']!.check(context({ hardware: hardware(slug), strands, d }), Object.values(SHIPPED.hardware))[0];

  it('take as many strands as their circle holds: one is d wide, two 2 d, three 2.15 d, four 2.41 d', () => {
    expect(hole('bead-10', 2)).toBeUndefined();
    expect(hole('bead-10', 3)!.text).toContain('need 4.3 mm');
    expect(hole('bead-10', 4)!.text).toContain('need 4.8 mm');
    expect(hole('bead-4', 1)!.text).toContain('needs 2 mm');
  });

  it('take what just goes through, and name the first that does', () => {
    // Two strands of 2.1 are 4.2 across: a hole of 4.2 takes them.
    const just = { ...hardware('bead-10'), slug: 'just', name: 'Just', opening_mm: 4.2 };
    const wide = { ...hardware('bead-10'), slug: 'wide', name: 'Wide', opening_mm: 6 };
    const check = (own: typeof just) =>
      PARTS['through-bead']!.check(context({ hardware: own, strands: 2, d: 2.1 }), [wide, just]);
    expect(check(just)).toEqual([]);
    expect(check({ ...just, opening_mm: 4.19 })[0]!.text).toContain('Just (hole 4.2 mm) fits');
  });

  it('name a bead of the same kind that would do, or say that none would', () => {
    expect(hole('bead-4', 1)!.text).toContain('Glass bead 8 mm (hole 2.4 mm) fits');
    expect(hole('bead-10', 6)!.text).toContain('thinner cord, or a bead with a wider hole');
  });

  it('a bead in another size keeps its hole and its proportions', () => {
    const larger = resized(hardware('button-15'), 30);
    expect(larger).toMatchObject({ width_mm: 30, length_mm: 7, opening_mm: 2.2, name: 'Two-hole button 30 mm' });
    expect(resized(hardware('button-15'), 15)).toBe(hardware('button-15'));
    // A tube goes by its length, and a longer one is no thicker; a charm grows as a whole.
    expect(resized(hardware('tube-12'), 18)).toMatchObject({ length_mm: 18, width_mm: 5.2, name: 'Tube bead 18 mm' });
    expect(resized(hardware('charm-20'), 30)).toMatchObject({ length_mm: 30, width_mm: 24, opening_mm: 4 });
    expect(resized(hardware('tube-12'), 12)).toBe(hardware('tube-12'));
  });
});

describe('safety classes', () => {
  it('follow from what a part is made with, the gravest first', () => {
    const of = (slug: string) => safetyClass(PARTS[slug]!);
    expect(['fused-end', 'sleeve-join', 'butt-join'].map(of)).toEqual(['heat', 'heat', 'heat']);
    expect(['glued-end', 'tucked-end'].map(of)).toEqual(['glue', 'glue']);
    expect(of('button-knot')).toBe('sharp');
    expect(['overhand', 'slide-tail', 'larks-head', 'wrapped-transition'].map(of)).toEqual(Array(4).fill('hands'));
  });
});

it('a knot that one leg may tie says so, and only such a one', () => {
  for (const part of Object.values(PARTS)) {
    const by = (tied: 'one' | 'all') =>
      part.use(context({ hardware: hardware('bead-10'), loop: 90, mate: 30, strands: 3, times: 2, slider: 20, tied }))
        .mm;
    expect({ slug: part.slug, byOne: part.byOne ?? false }).toEqual({
      slug: part.slug,
      byOne: by('one') !== by('all'),
    });
  }
});
