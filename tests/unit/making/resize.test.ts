import { describe, expect, it } from 'vitest';
import { MAKING_WORDS, SHIPPED } from '../../../catalogue';
import { courseOf } from '../../../src/core/bench';
import { lengthStep, makingOf, makingSteps, resizePlan, spareSteps } from '../../../src/core/making';
import { exampleSeat, planSeat, type SeatPlan } from '../../../src/core/seat';
import { walkLegs, totalOf } from '../../../src/core/cut';
import { STARTING_FIGURES } from '../../../src/core/studio';

const seatOf = (slug: string) => exampleSeat(SHIPPED.projects[slug]!);
const planOf = (slug: string): SeatPlan => planSeat(seatOf(slug), SHIPPED, STARTING_FIGURES);
const questionsOf = (slug: string, plan = planOf(slug)) =>
  makingSteps(seatOf(slug), plan, MAKING_WORDS, { units: 'cm' }, STARTING_FIGURES).flatMap(
    ({ length }) => length ?? [],
  );
/** Every project whose length is knotted. */
const grown = Object.keys(SHIPPED.projects).filter((slug) => (lengthStep(planOf(slug))?.ties ?? 0) > 0);

describe('a length that is changed at the table', () => {
  it('is asked where it can still be changed, in the unit that the piece grows by', () => {
    const steps = Object.fromEntries(grown.map((slug) => [slug, questionsOf(slug).map(({ step }) => step)]));
    expect(steps).toMatchObject({
      'band-buckle': ['1 half knot', '1 half knot'],
      'fob-ring': ['1 half knot'],
      // An odd count stays odd.
      'double-spiral': ['2 half knots'],
      'ladder-wrap': ['1 bead'],
      'wrapped-three': ['1 course'],
      'tube-ladder': ['1 tube'],
      'petal-arms': ['1 flower'],
    });
    expect(grown.filter((slug) => steps[slug]!.length === 0)).toEqual([]);
  });

  it.each(grown)('%s: counts, ties, length and what its acts say follow, and come back', (slug) => {
    const plan = planOf(slug);
    const step = lengthStep(plan)!;
    for (const by of [3, -2]) {
      const other = resizePlan(plan, by);
      expect(courseOf(other).ties - courseOf(plan).ties).toBeCloseTo(by * step.ties, 6);
      expect(other.fit!.knotted_mm - plan.fit!.knotted_mm).toBeCloseTo(by * step.mm, 6);
      // The length of the band is that of its sections.
      const before = plan.piece!.layout.reduce(
        (sum, item) => sum + ('runs' in item ? other.fit!.counts[item.id]! * item.unit : 0),
        0,
      );
      expect(before).toBeCloseTo(other.fit!.knotted_mm, 6);
      const texts = (of: SeatPlan) =>
        makingOf(seatOf(slug), of, MAKING_WORDS, { units: 'cm' }).map(
          ({ text, count }) => `${text} ${count?.of ?? ''}`,
        );
      expect(texts(other)).not.toEqual(texts(plan));
      expect(texts(other).join()).not.toMatch(/[{}]|NaN|undefined/);
      const back = resizePlan(other, -by);
      expect(back.fit!.counts).toEqual(plan.fit!.counts);
      expect(back.minutes).toBe(plan.minutes);
    }
  });

  it('of a class band leaves the half before the bead as it is made; of a charm, both halves alike', () => {
    const halves = (slug: string): number[] => {
      const [before, after] = [planOf(slug), resizePlan(planOf(slug), 1)].map(({ fit }) => fit!.counts);
      return Object.keys(before!)
        .map((id) => after![id]! - before![id]!)
        .filter((more) => more !== 0);
    };
    expect(halves('class-band-bead')).toHaveLength(1);
    expect(halves('charm-centre').length).toBeGreaterThan(1);
  });

  it('round a wrist that a band goes round three times its inside changes by a third of the length', () => {
    const seat = exampleSeat(SHIPPED.projects['ladder-wrap']!, { options: { wraps: 3 } });
    const plan = planSeat(seat, SHIPPED, STARTING_FIGURES);
    const { fit } = resizePlan(plan, 3);
    expect(fit!.inner_mm! - plan.fit!.inner_mm!).toBeCloseTo((fit!.knotted_mm - plan.fit!.knotted_mm) / 3, 6);
  });

  it('of beads in a sequence is asked in beads, a whole repeat at a time', () => {
    const seat = exampleSeat(SHIPPED.projects['ladder-wrap']!, {
      options: { sequence: { kinds: ['bead-4', 'bead-6'], order: 'repeat' } },
    });
    const plan = planSeat(seat, SHIPPED, STARTING_FIGURES);
    const steps = makingSteps(seat, plan, MAKING_WORDS, { units: 'cm' }, STARTING_FIGURES);
    expect(steps.flatMap(({ length }) => length?.step ?? [])).toEqual(['2 beads']);
  });

  it('stops where it is by leaving out what is not begun, but never all of it', () => {
    const step = { ties: 2, end: 20, fewest: -4 };
    expect([0, 11, 13, 20].map((made) => spareSteps(step, made))).toEqual([0, 4, 3, 0]);
    expect(spareSteps(step, 3)).toBe(0);
  });

  it('never takes away what is not there', () => {
    for (const slug of grown) {
      const { fit } = resizePlan(planOf(slug), -1000);
      expect(Math.min(...lengthStep(planOf(slug))!.sections.map((id) => fit!.counts[id]!))).toBeGreaterThan(0);
    }
  });

  it('of a buckle band: what each working end must have left is what its path still takes', () => {
    const plan = planOf('band-buckle');
    const [, question] = questionsOf('band-buckle', plan);
    const { needs, end } = question!;
    // By hand: a working leg's stitches are as many half knots as there are.
    const worker = walkLegs(plan.piece!, plan.fit!).find(
      ({ cord }) => cord.use.role === 'working' || cord.use.role === 'whole',
    )!;
    const stitches = totalOf(worker.entries.filter((entry) => entry.for === 'stitches'));
    expect(needs!.tie_mm * end).toBeCloseTo(stitches, 0);
    expect(needs!.rest_mm).toBeGreaterThan(0);
  });
});
