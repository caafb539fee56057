import { describe, expect, it } from 'vitest';
import { SHIPPED } from '../../../catalogue';
import { inWords } from '../../../src/core/cut';
import { estimateWrist } from '../../../src/core/fit';
import { planSeat } from '../../../src/core/seat';
import { ageOn, STARTING_FIGURES } from '../../../src/core/studio';
import { cutOf, codes, plan, seat } from '../examples/seat';

const text = (changes: Parameters<typeof plan>[0], code: string): string =>
  plan(changes).messages.find((m) => m.code === code)!.text;

describe('what clashes is said, with what would do', () => {
  it('a bead in another size is the catalogue’s where it has one, with its hole and in the bag', () => {
    const { piece, items, messages } = plan({ project: 'ladder-wrap', options: { bead_mm: 8 } });
    expect(piece!.hardware.bead).toBe(SHIPPED.hardware['bead-8']);
    expect(items[0]!.item).toBe('bead-8');
    expect(messages.map((m) => m.code)).not.toContain('size-not-known');
    // Tubes go by their length.
    expect(plan({ project: 'tube-ladder', options: { bead_mm: 10 } }).piece!.hardware.tube!.slug).toBe('tube-10');
  });

  it('a size that the catalogue has not is reckoned in proportion, and said to be', () => {
    const { piece, messages } = plan({ project: 'ladder-wrap', options: { bead_mm: 7 } });
    expect(piece!.hardware.bead).toMatchObject({ slug: 'bead-4', name: 'Round bead 7 mm', length_mm: 7 });
    expect(messages.find((m) => m.code === 'size-not-known')).toMatchObject({
      level: 'warning',
      text: expect.stringContaining('in proportion to Round bead 4 mm') as string,
    });
  });

  it('a slot too narrow for the strands names the buckle that fits', () => {
    // Four strands of 3.28 mm need 13.1 mm; the 10 mm buckle's slot is 10.5.
    const said = text(
      { options: { hardware: 'buckle-10' }, cords: { whole: { cord: 'sheathed-4' } } },
      'opening-too-narrow',
    );
    expect(said).toContain('opening 10.5 mm');
    expect(said).toContain('4 strands of 3.3 mm side by side need 13.1 mm');
    expect(said).toContain('Buckle 15 mm');
  });

  it('hardware of the wrong kind is refused, not used', () => {
    const result = plan({ options: { hardware: 'split-ring-25' } });
    expect(result.messages.find((m) => m.code === 'hardware-kind')?.level).toBe('error');
    expect(result.items).toEqual([{ item: 'buckle-15', count: 1 }]);
  });

  it('a flame asked for where it may not be is an error, and is not given', () => {
    const cotton = { options: { flame: true }, cords: { whole: { cord: 'cotton-3' } } };
    expect(codes(cotton)).toContain('flame-fibre');
    expect(plan(cotton).piece!.flame).toBe(false);
    const child = { age: 12, options: { flame: true } };
    expect(plan(child).messages.find((m) => m.code === 'flame-age')?.level).toBe('error');
    expect(plan({ age: 16 }).piece!.flame).toBe(true);
    expect(plan({ age: 15 }).piece!.flame).toBe(false);
  });

  it('skin notes reach the material', () => {
    expect(text({ project: 'fob-ring', size: null, avoid: ['nickel'] }, 'nickel')).toContain('Split ring 25 mm');
    expect(
      codes({ project: 'fob-ring', size: null, avoid: ['nickel'], options: { hardware: 'split-ring-steel-25' } }),
    ).not.toContain('nickel');
    expect(codes({ avoid: ['synthetic'] })).toContain('synthetic');
    expect(codes({ avoid: ['synthetic'], cords: { whole: { cord: 'cotton-3' } } })).not.toContain('synthetic');
  });

  it('a neck loop has a breakaway connector unless the wearer is known to be grown up', () => {
    const loop = { project: 'fob-ring', size: null, options: { loop: 'neck' as const } };
    expect(codes({ ...loop, age: null })).toContain('breakaway');
    expect(codes({ ...loop, age: 17 })).toContain('breakaway');
    expect(codes({ ...loop, age: 18 })).not.toContain('breakaway');
    expect(plan({ ...loop, age: 18 }).items.some((i) => i.item === 'breakaway')).toBe(false);
  });

  it('small parts are warned of for the smallest', () => {
    expect(codes({ age: 4 })).toContain('small-parts');
    expect(codes({ age: 5 })).not.toContain('small-parts');
  });

  it('a wrist loop opens to the hand, measured or estimated', () => {
    const loop = { project: 'fob-ring', size: null, options: { loop: 'wrist' as const } };
    expect(codes(loop)).toContain('hand-estimated');
    expect(codes({ ...loop, hand: 230 })).not.toContain('hand-estimated');
    expect(cutOf({ ...loop, hand: 260 })).toBeGreaterThan(cutOf({ ...loop, hand: 200 }));
  });

  it('a band too short for its closure, a missing wrist and a missing project are errors', () => {
    expect(codes({ size: { finished: 25 } })).toContain('band-too-short');
    expect(codes({ size: null })).toEqual(['no-wrist']);
    expect(codes({ project: null })).toEqual(['no-project']);
    expect(plan({ size: null }).cut).toBeUndefined();
  });

  it('an estimate says so, and stiff cord too', () => {
    expect(codes({ estimated: true })).toContain('estimate');
    expect(codes({ cords: { whole: { cord: 'leather-2' } } })).toContain('stiff-cord');
  });
});

describe('a ring that neither opens nor slides', () => {
  const closed = (wrist: number, hand: number) => {
    const ring = { ...SHIPPED.projects['band-buckle']!, opens: 'no' as const };
    const catalogue = { ...SHIPPED, projects: { ...SHIPPED.projects, 'band-buckle': ring } };
    return planSeat(seat({ size: { wrist }, hand, ease: 'loose' }), catalogue, STARTING_FIGURES).messages.map(
      (m) => m.code,
    );
  };

  it('is an error before cutting where the hand does not pass', () => {
    // 170 + 20 = 190 inside; a hand of 205 needs 215, one of 175 needs 185.
    expect(closed(170, 205)).toContain('does-not-pass');
    expect(closed(170, 175)).not.toContain('does-not-pass');
  });
});

describe('figures a studio can change', () => {
  it('change the cut in the direction they should', () => {
    const with_ = (figures: Partial<typeof STARTING_FIGURES>) =>
      planSeat(seat({ skill: 'new' }), SHIPPED, { ...STARTING_FIGURES, ...figures }).cut!.total_mm;
    const base = with_({});
    expect(with_({ ease_easy: 40 })).toBeGreaterThan(base);
    expect(with_({ tail_new: 200 })).toBeGreaterThanOrEqual(base + 130);
    expect(with_({ short_cost: 1 })).toBeLessThan(base);
    expect(with_({ spread_new: 0 })).toBeLessThan(base);
  });

  it('a cord whose diameter is corrected is cut longer when thicker', () => {
    const thicker = {
      ...SHIPPED,
      cords: { ...SHIPPED.cords, 'sheathed-4': { ...SHIPPED.cords['sheathed-4']!, diameter_mm: 4.6 } },
    };
    // Use a length of band is much the same in any cord; what grows with thickness is how far its middle goes round.
    expect(planSeat(seat(), thicker, STARTING_FIGURES).fit!.centre_mm).toBeGreaterThan(plan().fit!.centre_mm!);
  });
});

describe('small rules', () => {
  it('estimates a wrist by age band', () => {
    expect([4, 6, 9, 12, 15, 18, null].map((age) => estimateWrist(age, STARTING_FIGURES))).toEqual([
      130, 138, 147, 156, 163, 168, 168,
    ]);
  });

  it('ages people by whole years, never too old', () => {
    expect(ageOn(9, '2026-03-10', '2027-03-09')).toBe(9);
    expect(ageOn(9, '2026-03-10', '2027-03-10')).toBe(10);
    expect(ageOn(9, '2026-03-10', '2025-01-01')).toBe(9);
  });

  it('says a chance in plain words', () => {
    expect(inWords(1 / 60)).toBe('about 1 in 60 would run short');
    expect(inWords(0.5)).toBe('about 5 in 10 would run short');
    expect(inWords(0.00001)).toContain('fewer than 1 in 1,000');
    expect(inWords(0.99)).toContain('nearly all');
  });
});
