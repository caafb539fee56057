import { describe, expect, it } from 'vitest';
import { MAKING_WORDS, SHIPPED } from '../../../catalogue';
import { courseOf } from '../../../src/core/bench';
import { makingSteps } from '../../../src/core/making';
import { exampleSeat, planSeat, type Seat } from '../../../src/core/seat';
import { STARTING_FIGURES } from '../../../src/core/studio';

const projects = Object.values(SHIPPED.projects);

describe.each(projects.map((project) => [project.slug, project] as const))('a seat’s own page of %s', (_, project) => {
  const seat = exampleSeat(project);
  const plan = planSeat(seat, SHIPPED, STARTING_FIGURES);
  const steps = makingSteps(seat, plan, MAKING_WORDS, { units: 'cm' }, STARTING_FIGURES);
  const course = courseOf(plan);

  it('counts every tie of the piece once, in the order of its course', () => {
    const tallies = steps.flatMap(({ tally }) => tally ?? []);
    const own = tallies.toSorted((a, b) => a.from - b.from);
    let next = 0;
    for (const { from, ties } of own) {
      expect(from).toBe(next);
      next += ties;
    }
    // A single knot, made once, is not counted.
    expect(next).toBe(course.ties > 1 ? course.ties : 0);
  });

  it('names steps of the course, so that the bench follows it', () => {
    const known = new Set(course.steps.map(({ id }) => id));
    for (const { id } of steps) expect(known).toContain(id);
    expect(new Set(steps.map(({ id }) => id)).size).toBe(steps.length);
  });

  it('says who leads each tie as its drawing shows it', () => {
    for (const { tally } of steps)
      for (const { from, drawings, text } of tally?.each ?? []) {
        expect(text).toMatch(new RegExp(`^Lay the ${from} strand`));
        const [, drawn] = /^tie-(\d+)-/.exec(drawings[0] ?? '') ?? [];
        if (drawn !== undefined) {
          const { section } = course.stretches.find(({ from: first }) => first === tally!.from)!;
          expect(section.runs[0]!.stitch.leads![Number(drawn)]!.from).toBe(from);
        }
      }
  });
});

const talliesOf = (project: string) => {
  const seat = exampleSeat(SHIPPED.projects[project]!);
  const plan = planSeat(seat, SHIPPED, STARTING_FIGURES);
  return makingSteps(seat, plan, MAKING_WORDS, { units: 'cm' }, STARTING_FIGURES).flatMap(({ tally }) => tally ?? []);
};

describe('a seat’s own page', () => {
  const page = (changes: Partial<Seat>): string => {
    const seat = exampleSeat(SHIPPED.projects['band-buckle']!, changes);
    return makingSteps(seat, planSeat(seat, SHIPPED, STARTING_FIGURES), MAKING_WORDS, { units: 'cm' }, STARTING_FIGURES)
      .map(({ text, heat }) => `${text} ${heat ? 'HEAT' : ''}`)
      .join(' ');
  };

  it('has no step with a flame where the seat may have none', () => {
    expect(page({ size: { wrist: 140 }, age: 8 })).not.toMatch(/melt|lighter|flame|station|HEAT/i);
    expect(page({})).toMatch(/melt.*HEAT/i);
  });

  it('says before the ends are cut that the size is tried first', () => {
    expect(page({}).indexOf('Cut nothing before this')).toBeLessThan(page({}).indexOf('Trim one end'));
  });

  it('counts beads and courses by their name', () => {
    const wordsOf = (project: string): string[] => talliesOf(project).map(({ words }) => words);
    expect(wordsOf('ladder-wrap')).toEqual(['beads']);
    expect(wordsOf('wrapped-three')).toEqual(['courses']);
    expect(wordsOf('band-buckle')).toEqual(['half knots']);
  });

  it('walks a stretch of several things step by step, to as many ties as are counted', () => {
    const walksOf = (project: string) => talliesOf(project).flatMap(({ walk, ties }) => (walk ? [{ walk, ties }] : []));
    const [side] = walksOf('charm-centre');
    expect(side!.walk.slice(0, 4).map(({ text }) => text)).toEqual([
      'push up a bead on the core',
      '1 square knot',
      'one bead on each side',
      '1 square knot',
    ]);
    // Five pairs at the edges between six beads on the core.
    expect(side!.walk.reduce((sum, { beads }) => sum + beads, 0)).toBe(5 * 2 + 6);
    const [flowers] = walksOf('petal-arms');
    expect(flowers!.walk.slice(0, 4).map(({ text }) => text)).toEqual([
      'push up a bead on each arm',
      '1 square knot',
      'push up a bead on each arm',
      '5 square knots on each arm',
    ]);
    for (const { walk, ties } of Object.keys(SHIPPED.projects).flatMap(walksOf))
      expect(walk.reduce((sum, step) => sum + step.ties, 0)).toBe(ties);
    expect(walksOf('band-buckle')).toEqual([]);
  });
});
