import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { SHIPPED } from '../../../catalogue';
import { estimateMass, move, weigh, type Balance } from '../../../src/core/shelf';
import { simulatedScale } from '../../../src/standins/scale';

const balance = (hand: number, held = 0, mine = 0): Balance => ({ hand, held, mine });
const changeOf = (...args: Parameters<typeof move>) => {
  const moved = move(...args);
  return moved.ok ? moved.value : moved.fault;
};

describe('a movement', () => {
  it('takes what is free, and one’s own reservation first', () => {
    expect(changeOf('reserve', 400, balance(1000, 600))).toEqual({ hand: 0, held: 400 });
    expect(changeOf('reserve', 401, balance(1000, 600))).toBe('400 free of 1000');
    // 300 of the 500 are held for me, 400 more are free.
    expect(changeOf('issue', 500, balance(1000, 600, 300))).toEqual({ hand: -500, held: -300 });
    expect(changeOf('issue', 200, balance(1000, 600, 300))).toEqual({ hand: -200, held: -200 });
    expect(changeOf('issue', 701, balance(1000, 600, 300))).toBe('700 free of 1000');
    expect(changeOf('waste', 400, balance(1000, 600, 300))).toEqual({ hand: -400, held: 0 });
    expect(changeOf('issue', 700, balance(1000, 600, 300))).toEqual({ hand: -700, held: -300 });
    expect(changeOf('release', 300, balance(1000, 600, 300))).toEqual({ hand: 0, held: -300 });
    expect(changeOf('count', 600, balance(1000, 600))).toEqual({ hand: -400, held: 0 });
    expect(changeOf('waste', 401, balance(1000, 600, 300))).toBe('400 free of 1000');
    expect(changeOf('release', 301, balance(1000, 600, 300))).toBe('300 reserved');
    expect(changeOf('count', 599, balance(1000, 600))).toMatch(/600 are reserved/);
    expect(changeOf('count', 0, balance(80))).toEqual({ hand: -80, held: 0 });
    expect(changeOf('receive', 0, balance(80))).toBe('nothing was asked for');
  });

  it('never takes a balance where it cannot be, whatever comes after what', () => {
    const kinds = ['receive', 'reserve', 'release', 'issue', 'return', 'waste', 'count'] as const;
    fc.assert(
      fc.property(
        fc.array(
          fc.record({ kind: fc.constantFrom(...kinds), amount: fc.integer({ min: 0, max: 900 }), who: fc.nat(2) }),
        ),
        (steps) => {
          let [hand, held] = [0, 0];
          const mine = [0, 0, 0];
          for (const { kind, amount, who } of steps) {
            const moved = move(kind, amount, { hand, held, mine: mine[who]! });
            if (!moved.ok) continue;
            hand += moved.value.hand;
            held += moved.value.held;
            mine[who]! += moved.value.held;
            expect(hand).toBeGreaterThanOrEqual(0);
            expect(held).toBeGreaterThanOrEqual(0);
            expect(held).toBeLessThanOrEqual(hand);
            expect(Math.min(...mine)).toBeGreaterThanOrEqual(0);
            expect(mine.reduce((a, b) => a + b)).toBe(held);
          }
        },
      ),
    );
  });
});

describe('weighing', () => {
  it('is net mass over mass a metre, with how far off it may be', () => {
    // (105 − 62) g / 6.8 g/m = 6.3235 m; half a gram is 73.5 mm, two in a hundred 126.5 mm.
    expect(weigh(105, 62, 6.8, 0.5, 0.02)).toEqual({ ok: true, value: { mm: 6323, off_mm: 200 } });
    // A third of a gram at 6.8 g/m is 49.02 mm, which is said as 50: how far off it may be is never made smaller.
    expect(weigh(105, 62, 6.8, 1 / 3, 0)).toMatchObject({ ok: true, value: { off_mm: 50 } });
    expect(weigh(61.8, 62, 6.8, 0.5, 0)).toMatchObject({ ok: true, value: { mm: 0 } });
    expect(weigh(40, 62, 6.8, 0.5, 0)).toMatchObject({ ok: false, fault: expect.stringContaining('62 g') as string });
  });

  it('estimates a cord’s mass from its round, its fill and its fibre', () => {
    // π/4 × 4² mm² = 12.566 mm², that is cm³ a metre; × 0.55 × 1.14 g/cm³.
    expect(estimateMass(SHIPPED.cords['sheathed-4']!, 0.55)).toBeCloseTo(7.879, 2);
    // Leather is solid: π/4 × 0.95.
    expect(estimateMass(SHIPPED.cords['leather-1']!, 0.55)).toBeCloseTo(0.746, 2);
  });

  it('reads a scale that swings, settles, drifts, or is unplugged', () => {
    const at = (ms: number, fault?: 'drift' | 'unplugged') => simulatedScale(120, () => ms, fault).read();
    expect(at(50)!.stable).toBe(false);
    expect(at(5000)).toEqual({ grams: 120, stable: true, step: 0.5 });
    expect(at(60_000, 'drift')).toMatchObject({ grams: 150, stable: false });
    expect(at(2000, 'unplugged')).toBeNull();
  });
});
