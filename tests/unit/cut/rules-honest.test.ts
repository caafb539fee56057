import { describe, expect, it } from 'vitest';
import { SHIPPED } from '../../../catalogue';
import { compareSchools } from '../../../src/core/seat';
import { SKILLS, STARTING_FIGURES } from '../../../src/core/studio';
import { seat } from '../examples/seat';

/** Every project, maker and wrist, by each school that is meant for it. */
const PLANS = Object.keys(SHIPPED.projects).flatMap((project) =>
  SKILLS.flatMap((skill) =>
    [140, 170, 200].flatMap((wrist) =>
      compareSchools(seat({ project, skill, hand: wrist + 35, size: { wrist } }), SHIPPED, STARTING_FIGURES)
        .filter((plan) => plan.rule === plan.school)
        .map((plan) => ({ project, skill, wrist, plan })),
    ),
  ),
);
const of = (school: string, skill?: string) =>
  PLANS.filter(({ plan, skill: own }) => plan.school === school && (skill === undefined || own === skill));

/*
 * Makers cut by these rules every day, for the pieces they are made for. So cut, the cord is about even by the measured use without
 * what hands hold by, and leaves some over with it.
 */
describe('a rule of thumb for the pieces it is meant for', () => {
  it('ratio: cuts as much as the piece takes, and more', () => {
    expect(of('ratio').length).toBeGreaterThan(7 * 9);
    for (const { project, skill, wrist, plan } of PLANS.filter((own) => own.plan.school !== 'core-multiple'))
      expect({ project, skill, wrist, school: plan.school, left: plan.left_mm > 0 }).toMatchObject({ left: true });
  });

  it('core multiple: with the customary 75 mm it comes near, and lacks less than a fifth where an end knot is large', () => {
    for (const { project, skill, wrist, plan } of of('core-multiple'))
      expect({ project, skill, wrist, lacks: plan.left_mm < -0.2 * plan.total_mm }).toMatchObject({ lacks: false });
  });

  it('mostly lasts, with a tail to hold by, in hands that know the work', () => {
    for (const { project, plan } of [...of('ratio', 'steady'), ...of('ratio', 'fluent')])
      expect(plan.short, `${project} by ${plan.school}`).toBeLessThan(0.5);
  });

  it('ratio: twelve to one is about even without the extra, a buckle band being all band', () => {
    const bare = compareSchools(seat({ project: 'band-buckle' }), SHIPPED, { ...STARTING_FIGURES, ratio_hands: 0 });
    const ratio = bare.find(({ school }) => school === 'ratio')!;
    expect(Math.abs(ratio.left_mm)).toBeLessThan(ratio.total_mm * 0.06);
  });
});
