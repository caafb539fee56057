import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { SHIPPED } from '../../../catalogue';
import { courseOf } from '../../../src/core/bench';
import { endsToCome, rescuesFor, willItLast, type EndToCome } from '../../../src/core/rescue';
import { exampleSeat, planSeat, type SeatPlan } from '../../../src/core/seat';
import { STARTING_FIGURES } from '../../../src/core/studio';

const figures = STARTING_FIGURES;
const skill = 'steady';
const WRIST = 165;
const plans = new Map<string, SeatPlan>();
const planOf = (slug: string, ease: 'snug' | 'easy' | 'loose'): SeatPlan => {
  const project = SHIPPED.projects[slug]!;
  const size = project.sizing.by === 'wrist' ? { size: { wrist: WRIST } } : {};
  const key = `${slug} ${ease}`;
  if (!plans.has(key)) plans.set(key, planSeat(exampleSeat(project, { ...size, skill, ease }), SHIPPED, figures));
  return plans.get(key)!;
};
const knotted = Object.keys(SHIPPED.projects).filter((slug) => courseOf(planOf(slug, 'easy')).ties > 2);
const needOf = ({ ties_mm, rest_mm }: EndToCome): number => ties_mm + rest_mm;
/** The same leg later on; what it needs then was added up anew. */
const later = (plan: SeatPlan, at: number, { cord, leg }: EndToCome): number => {
  const found = endsToCome(plan, at, skill, figures).find((own) => own.cord === cord && own.leg === leg);
  return found ? needOf(found) : 0;
};

/** A seat at some place of its knotting, with every end measured: as long as it needs, or shorter, or longer. */
const state = fc.record({
  slug: fc.constantFrom(...knotted),
  ease: fc.constantFrom('snug' as const, 'easy' as const, 'loose' as const),
  made: fc.double({ min: 0, max: 0.98, noNaN: true }),
  over: fc.array(fc.integer({ min: -500, max: 900 }), { minLength: 16, maxLength: 16 }),
});

describe('rescues hold at the number they say, over every stretch that a strand still works', () => {
  it('for all projects, places and ends', () => {
    const seen = new Set<string>();
    fc.assert(
      fc.property(state, ({ slug, ease, made: share, over }) => {
        const plan = planOf(slug, ease);
        const course = courseOf(plan);
        const made = Math.floor(share * course.ties);
        const stretch = course.stretches.find(({ from, ties }) => made < from + ties)!;
        const toCome = stretch.from + stretch.ties - made;
        const ends = endsToCome(plan, made, skill, figures);
        const left = Object.fromEntries(
          ends.map((end, i) => [i, Math.max(1, needOf(end) + end.tail_mm + over[i % 16]!)]),
        );
        const lasts = willItLast(plan, made, left, skill, figures);
        if (!lasts) return;
        // The end that decides is the one that runs out first.
        const short = lasts.ends.filter((end) => end.over < 0);
        if (short.length > 0) expect(lasts.worst.ties).toBe(Math.min(...short.map(({ ties }) => ties)));
        for (const end of short)
          if (end.each > 0 && end.ties > 0) {
            // So many fewer, and no fewer than that, leave enough for all that comes after.
            const fewer = toCome - end.ties;
            expect(end.over + fewer * end.each).toBeGreaterThan(-1e-6);
            expect(end.over + (fewer - 1) * end.each).toBeLessThan(1e-6);
          }
        for (const { slug: kind, values } of rescuesFor(plan, made, left, skill, figures, [])) {
          seen.add(kind);
          for (const value of Object.values(values))
            if (typeof value === 'number') expect(value).toBeGreaterThanOrEqual(0);
          const after = Number(values.after ?? 0);
          expect(Number.isInteger(after)).toBe(true);
          expect(after).toBeLessThanOrEqual(toCome);
          const { worst } = lasts;
          if (kind === 'join') {
            const still = later(plan, made + after, worst);
            expect(Number(values.new_mm) + 1e-6).toBeGreaterThanOrEqual(
              (after === toCome ? needOf(worst) - toCome * worst.each : still) + worst.hold_mm,
            );
            if (after > 0) expect(worst.left - after * worst.each).toBeGreaterThanOrEqual(figures.tuck_join - 1e-6);
          }
          if (kind === 'swap') {
            expect(Number(values.longer_mm)).toBeGreaterThan(0);
            expect(after).toBeLessThan(toCome);
            for (const j of [after, Number(values.at_latest)])
              for (const end of lasts.ends.filter(({ each }) => each > 0)) {
                // As it is until then, the other way for the rest of the stretch, and its own way after it.
                const other = end.as === null ? lasts.ends.find(({ as }) => as !== null)!.perTie : end.perCore;
                const own = needOf(end) - toCome * end.each;
                expect(end.left + 1e-6).toBeGreaterThanOrEqual(j * end.each + (toCome - j) * other + own + end.tail_mm);
              }
          }
          if (kind === 'stop') {
            expect(after).toBeLessThan(toCome);
            expect(Number(values.shorter_mm)).toBeGreaterThan(0);
            if (values.way === 'ease') {
              expect(
                plan.fit!.inner_mm! - Number(values.shorter_mm) / plan.piece!.choices.wraps,
              ).toBeGreaterThanOrEqual(WRIST - 1e-6);
            }
          }
        }
      }),
      { numRuns: 1500, seed: 7 },
    );
    expect([...seen].toSorted()).toEqual(['again', 'join', 'open', 'stop', 'swap']);
  });

  it('by hand: a core leg that lacks 20 mm leaves out as many ties as 20 mm are', () => {
    const plan = planOf('peg-band', 'easy');
    const [core] = endsToCome(plan, 10, skill, figures);
    expect(core!.as).toBeNull();
    const lasts = willItLast(plan, 10, { 0: needOf(core!) + core!.tail_mm - 20 }, skill, figures)!;
    const { ties } = courseOf(plan);
    // 3.03 mm of core to each half knot: seven of them.
    expect(ties - 10 - lasts.worst.ties).toBe(Math.ceil(20 / core!.perCore));
    expect(lasts.worst.ties).toBeGreaterThan(19);
  });
});
