import { describe, expect, it } from 'vitest';
import { SHIPPED } from '../../../catalogue';
import { minutesByPhase, paceOf, startOf, workingMinutes, type Maker, type Pace } from '../../../src/core/pace';
import { planSeat, type Seat } from '../../../src/core/seat';
import { STARTING_FIGURES } from '../../../src/core/studio';
import { seat } from '../examples/seat';
import { step } from '../room/steps';

const planned = (changes: Partial<Seat>) => planSeat(seat(changes), SHIPPED, STARTING_FIGURES);
const pace = (changes: Partial<Seat>, maker: Maker, figures = STARTING_FIGURES): Pace => {
  const { piece, fit } = planned(changes);
  return paceOf(piece!, fit!, maker, figures);
};
const knotting = ({ steps }: Pace): number => steps.reduce((sum, own) => sum + own.knotting, 0);
const stepOf = ({ steps }: Pace, id: string) => steps.find((own) => own.id === id)!;
const steady: Maker = { skill: 'steady', age: 30 };

describe('the steps of a seat', () => {
  it('are worked by hand for a buckle band', () => {
    const own = pace({ project: 'band-buckle' }, steady);
    const knots = planned({ project: 'band-buckle' }).fit!.half_knots!;
    // In cord of 4 mm, drawn thinner as it is worked; the first six half knots count twice.
    const slower = knotting(own) / (((knots + 6) * 15) / 60);
    expect(slower).toBeGreaterThanOrEqual(1);
    expect(slower).toBeLessThan(1.1);
    // Two half knots are tied in acts of their own, at twice 15 s each; 12 s to take up each act at 1.6 × fluent.
    expect(stepOf(own, 'first').minutes).toBeCloseTo((slower * 30 + 12 * 1.6) / 60);
    expect(stepOf(own, 'go-on').knotting).toBeCloseTo((slower * (knots - 2 + 4) * 15) / 60);
    // The lark's head of the near half: 30 s, over two acts. Trying on: a minute and a half.
    expect(stepOf(own, 'fold').minutes).toBeCloseTo(((12 + 15) * 1.6) / 60);
    expect(stepOf(own, 'try').minutes).toBeCloseTo(1.5 + (12 * 1.6) / 60);
    // Two ends at the flame, 15 s each, whoever makes it.
    expect(stepOf(own, 'ends')).toMatchObject({ minutes: 2, at: 'station' });
    expect(startOf(own).map(({ id }) => id)).toEqual(['unclip', 'fold', 'prong', 'measure']);
  });

  it('count a part as often as it is made, and every end', () => {
    const handling = (project: string, ids: readonly string[]): number =>
      ids.reduce((sum, id) => sum + stepOf(pace({ project }, { skill: 'fluent', age: 30 }), id).handling * 60, 0);
    // Two sliding knots of 75 s each, over three acts of 12 s.
    expect(handling('single-centre-knot', ['slide-one', 'draw-one', 'slide-two'])).toBeCloseTo(2 * 75 + 3 * 12);
    // Eight ends at the flame: 1½ minutes and 15 s each.
    expect(stepOf(pace({ project: 'button-panels' }, steady), 'ends').minutes).toBeCloseTo(1.5 + (8 * 15) / 60);
  });

  it('thread beads where they are threaded, once', () => {
    const own = pace({ project: 'ladder-wrap' }, { skill: 'fluent', age: 30 });
    const beads = planned({ project: 'ladder-wrap' }).items.find(({ item }) => /bead/.test(item))!.count;
    const all = own.steps.reduce((sum, { handling }) => sum + handling, 0);
    const without = pace(
      { project: 'ladder-wrap' },
      { skill: 'fluent', age: 30 },
      { ...STARTING_FIGURES, bead_seconds: 0 },
    );
    expect(all - without.steps.reduce((sum, { handling }) => sum + handling, 0)).toBeCloseTo((beads * 8) / 60);
  });

  it('take longer of a first-timer and a child, and differ more', () => {
    const [fluent, fresh, child] = [
      { skill: 'fluent', age: 30 } as const,
      { skill: 'new', age: 30 } as const,
      { skill: 'new', age: 8 } as const,
    ].map((maker) => pace({ project: 'band-buckle' }, maker));
    const knots = [fluent, fresh, child].map((own) => knotting(own!));
    expect(knots[1]! / knots[0]!).toBeCloseTo(30 / 9);
    expect(knots[2]! / knots[1]!).toBeCloseTo(STARTING_FIGURES.child_slower);
    expect(fresh!.spread).toBeGreaterThan(fluent!.spread);
    expect(child!.spread).toBeGreaterThan(fresh!.spread);
  });

  it('are slower in finer cord, for each half knot', () => {
    const of = (cord: string) =>
      planned({ project: 'reversible-slider', cords: { core: { cord }, working: { cord } } as never });
    const each = (cord: string): number => knotting(of(cord).pace!) / (of(cord).fit!.half_knots! + 6);
    expect(each('satin-1')).toBeGreaterThan(each('satin-2'));
    expect(of('satin-1').pace!.spread).toBeGreaterThan(of('satin-2').pace!.spread);
  });

  it('finish at the seat where no flame may be, and not sooner', () => {
    const own = pace({ project: 'band-buckle', options: { flame: false } }, steady);
    expect(own.steps.every(({ at }) => at === 'seat')).toBe(true);
    // Two ends woven back: 75 s each for a fluent maker, 1.6 × for a steady one.
    expect(stepOf(own, 'ends').handling).toBeCloseTo(((2 * 75 + 12) * 1.6) / 60);
  });

  it('wait for glue where the cord needs it: soft cord is woven in without', () => {
    const dries = (project: string): string[] =>
      pace({ project, options: { flame: false } }, steady).steps.flatMap(({ id, dries: minutes }) =>
        minutes > 0 ? [id] : [],
      );
    // Satin: its working ends are woven, the slider's ends glued. Sheathed cord: its ends are glued.
    expect(dries('reversible-slider')).toEqual(['slider-ends']);
    expect(dries('band-buckle')).toEqual(['ends']);
  });

  it('leave to the instructor what is done before the session', () => {
    const own = pace({ project: 'wrapped-three' }, steady);
    expect(own.steps.map(({ id }) => id)).not.toContain('seal');
    // One end is sealed: 40 s for the trapped end, shared with the act that traps it, and 12 s to take it up.
    expect(own.prepared).toBeGreaterThan(0.2);
    expect(own.prepared).toBeLessThan(1);
  });

  it.each(Object.keys(SHIPPED.projects))('%s: every figure of it counts, none is not a number', (project) => {
    const plan = planned({ project });
    const { steps, spread } = plan.pace!;
    expect(steps.every(({ minutes }) => minutes > 0 && Number.isFinite(minutes))).toBe(true);
    expect(spread).toBeGreaterThan(0);
    expect(plan.minutes).toBe(workingMinutes(plan.pace!));
    const byPhase = minutesByPhase(plan.pace!).reduce((sum, { minutes }) => sum + minutes, 0);
    expect(byPhase).toBeCloseTo(steps.reduce((sum, { minutes }) => sum + minutes, 0));
  });
});

describe('the minutes of a piece', () => {
  const of = (...steps: ReturnType<typeof step>[]): number => workingMinutes({ steps });
  it('leave out settling and tidying, and count what glue makes it wait', () => {
    expect(of(step('settle', 5), step('knot', 10), step('tidy', 3))).toBe(10);
    // Glued at 2, dry at 14: 4 minutes of other work in it.
    const glue = step('finish', 2, { dries: 12, until: 3 });
    expect(of(step('settle', 5), glue, step('knot', 4), step('finish', 1))).toBe(15);
    // What nothing waits for is still to dry when all else is done.
    expect(of(step('settle', 5), { ...glue, until: 9 }, step('knot', 4))).toBe(14);
  });
});
