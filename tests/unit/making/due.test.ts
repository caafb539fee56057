import { describe, expect, it } from 'vitest';
import { MAKING_WORDS, SHIPPED } from '../../../catalogue';
import { courseOf } from '../../../src/core/bench';
import { dueStep, dueTie, makingSteps, tapWords, withTexts } from '../../../src/core/making';
import { exampleSeat, planSeat } from '../../../src/core/seat';
import { STARTING_FIGURES } from '../../../src/core/studio';

const told = (project: string) => {
  const seat = exampleSeat(SHIPPED.projects[project]!, { size: { wrist: 165 } });
  const plan = planSeat(seat, SHIPPED, STARTING_FIGURES);
  return { plan, seat, steps: makingSteps(seat, plan, MAKING_WORDS, { units: 'cm' }, STARTING_FIGURES) };
};

describe('what is due at a seat', () => {
  it('is the act that was said, or the one that its count has come to', () => {
    const { plan, steps } = told('class-band-bead');
    const at = (made: number, step: string | null): string => steps[dueStep(steps, plan, { made, step })]!.id;
    const [left, right] = ['go-on', 'right'].map((id) => courseOf(plan).steps.find((step) => step.id === id)!);
    const half = left!.stretches[0]!.ties;
    expect(at(0, null)).toBe('settle');
    expect(at(0, 'tape')).toBe('tape');
    expect(at(5, 'tape')).toBe('go-on');
    // All of the first half made: the bead comes next, and after it the other half.
    expect(at(half, 'go-on')).toBe('bead');
    expect(at(half + 1, 'bead')).toBe('right');
    expect(right!.stretches[0]!.from).toBe(half);
  });

  it.each(Object.keys(SHIPPED.projects))('%s: counted through, it is never further back than before', (project) => {
    const { plan, steps } = told(project);
    let last = 0;
    for (let made = 0; made <= courseOf(plan).ties; made++) {
      const now = dueStep(steps, plan, { made, step: null });
      expect(now).toBeGreaterThanOrEqual(last);
      last = now;
    }
  });

  it('says the half knot as the making does: in a charm the right side leads first', () => {
    const { plan, steps } = told('reversible-slider');
    const goOn = steps.find(({ id }) => id === 'go-on')!;
    expect([0, 1, 2].map((made) => dueTie(goOn, made)!.from)).toEqual(['left', 'right', 'left']);
    expect(dueTie(goOn, goOn.tally!.ties)).toBeNull();
    const charm = told('charm-centre').steps.find(({ id }) => id === 'plain')!;
    expect(dueTie(charm, charm.tally!.from)!.from).toBe('right');
    expect(tapWords(plan, 'go-on', MAKING_WORDS)).toBe('half knots');
    expect(tapWords(told('ladder-wrap').plan, 'go-on', MAKING_WORDS)).toBe('beads');
  });

  it('is told in words where a page has its acts alone', () => {
    const { plan, seat, steps } = told('band-buckle');
    const { making } = plan.piece!.project;
    const bare = { ...plan.piece!, project: { ...plan.piece!.project, making: { ...making!, texts: { en: {} } } } };
    const again = withTexts({ ...plan, piece: bare }, { 'band-buckle': making!.texts.en });
    expect(makingSteps(seat, again, MAKING_WORDS, { units: 'cm' }, STARTING_FIGURES)).toEqual(steps);
  });
});
