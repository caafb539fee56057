import { describe, expect, it } from 'vitest';
import { SHIPPED } from '../../../catalogue';
import { phasesOf, workingMinutes, type Maker, type Pace } from '../../../src/core/pace';
import { planSeat, type Seat } from '../../../src/core/seat';
import { STARTING_FIGURES } from '../../../src/core/studio';
import { seat } from '../examples/seat';

const planned = (changes: Partial<Seat>) => planSeat(seat(changes), SHIPPED, STARTING_FIGURES);
const pace = (changes: Partial<Seat>, maker: Maker, figures = STARTING_FIGURES): Pace => {
  const { piece, fit } = planned(changes);
  return phasesOf(piece!, fit!, maker, figures);
};
const minutes = (of: Pace, phase: string): number | undefined => of.phases.find((own) => own.phase === phase)?.minutes;
const steady: Maker = { skill: 'steady', age: 30 };

describe('the phases of a seat', () => {
  it('are worked by hand for a buckle band', () => {
    const plan = planned({ project: 'band-buckle' });
    const own = phasesOf(plan.piece!, plan.fit!, steady, STARTING_FIGURES);
    // In cord of 4 mm, drawn thinner as it is worked; the first six half knots count twice.
    const knots = plan.fit!.half_knots!;
    const slower = minutes(own, 'knot')! / (((knots + 6) * 15) / 60);
    expect(slower).toBeGreaterThanOrEqual(1);
    expect(slower).toBeLessThan(1.1);
    // Lark’s heads 30 s at 1.6 × fluent; buckle 40 s; one turn at the flame.
    expect(minutes(own, 'set-up')).toBeCloseTo((30 * 1.6) / 60);
    expect(own.phases.find(({ phase }) => phase === 'finish')).toEqual({
      phase: 'finish',
      minutes: 2.5,
      at: 'station',
    });
    expect(own.phases.map(({ phase }) => phase)).toEqual([
      'settle',
      'set-up',
      'knot',
      'closure',
      'check',
      'finish',
      'tidy',
    ]);
  });

  it('take longer of a first-timer and a child, and differ more', () => {
    const [fluent, fresh, child] = [
      { skill: 'fluent', age: 30 } as const,
      { skill: 'new', age: 30 } as const,
      { skill: 'new', age: 8 } as const,
    ].map((maker) => pace({ project: 'band-buckle' }, maker));
    const knots = [fluent, fresh, child].map((own) => minutes(own!, 'knot')!);
    expect(knots[1]! / knots[0]!).toBeCloseTo(30 / 9);
    expect(knots[2]! / knots[1]!).toBeCloseTo(STARTING_FIGURES.child_slower);
    expect(fresh!.spread).toBeGreaterThan(fluent!.spread);
    expect(child!.spread).toBeGreaterThan(fresh!.spread);
  });

  it('are slower in finer cord, for each half knot', () => {
    const each = (cord: string): number => {
      const plan = planned({ project: 'reversible-slider', cords: { core: { cord }, working: { cord } } as never });
      return minutes(phasesOf(plan.piece!, plan.fit!, steady, STARTING_FIGURES), 'knot')! / (plan.fit!.half_knots! + 6);
    };
    expect(each('satin-1')).toBeGreaterThan(each('satin-2'));
    const spread = (cord: string): number =>
      planned({ project: 'reversible-slider', cords: { core: { cord }, working: { cord } } as never }).pace!.spread;
    expect(spread('satin-1')).toBeGreaterThan(spread('satin-2'));
  });

  it('finish at the seat where no flame may be, and not sooner', () => {
    const finish = pace({ project: 'band-buckle', options: { flame: false } }, steady).phases.find(
      ({ phase }) => phase === 'finish',
    )!;
    expect(finish.at).toBe('seat');
    // An end woven back: 150 s for a fluent maker, 1.6 × for a steady one.
    expect(finish.minutes).toBeGreaterThanOrEqual((150 * 1.6) / 60);
  });

  it.each(Object.keys(SHIPPED.projects))('%s: every figure of it counts, none is not a number', (project) => {
    const plan = planned({ project });
    const { phases, spread } = plan.pace!;
    expect(phases.every(({ minutes: own }) => own > 0 && Number.isFinite(own))).toBe(true);
    expect(spread).toBeGreaterThan(0);
    expect(plan.minutes).toBe(workingMinutes(plan.pace!));
  });
});
