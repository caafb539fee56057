import { describe, expect, it } from 'vitest';
import { MAKING_WORDS, SHIPPED } from '../../../catalogue';
import { actsOf, sectionsBy } from '../../../src/core/acts';
import { makingSteps } from '../../../src/core/making';
import { ACT_PICTURES, idIn, type Piece, type Project } from '../../../src/core/project';
import { exampleSeat, planSeat } from '../../../src/core/seat';
import { STARTING_FIGURES } from '../../../src/core/studio';
import { drawingOf } from '../../../src/ui/strip/drawing';
import { drawnSteps } from '../../../src/ui/strip/steps/drawn-steps';
import { optionsOf } from './told';

const projects = Object.values(SHIPPED.projects);

/** Seats whose acts differ: with a flame and without, in each number of colours, with each choice of knot and beads. */
const seatsOf = (project: Project) =>
  optionsOf(project)
    .map((options) => exampleSeat(project, { options }))
    .map((seat) => ({ seat, plan: planSeat(seat, SHIPPED, STARTING_FIGURES) }))
    .filter(({ plan }) => plan.fit);

/** What a leg makes on its way, in order, but its own two ends where both are alike. */
function stopsOf(piece: Piece) {
  return piece.cords.flatMap(({ use }) =>
    use.legs.map(({ route }) => {
      const stops = route.flatMap((step) => idIn(step, 'part') ?? idIn(step, 'work') ?? []);
      // Cord that is left to slide is made by nothing.
      const known = stops.filter(
        (id) => id in piece.sections || (piece.parts[id]?.part.stretch ?? 'slide') !== 'slide',
      );
      return known[0] === known.at(-1) ? known.slice(1) : known;
    }),
  );
}

describe.each(projects.map((project) => [project.slug, project] as const))('the acts of %s', (slug, project) => {
  const made = seatsOf(project);

  it('finish nothing on a strand before what comes earlier on it is begun', () => {
    for (const { plan } of made) {
      const piece = plan.piece!;
      const acts = actsOf(piece).filter(({ act }) => act.phase !== 'check');
      const makes = (id: string) => (own: (typeof acts)[number]) =>
        own.end === id ||
        own.of.some((one) => one === id || sectionsBy(piece, one).some((section) => section.id === id));
      for (const stops of stopsOf(piece))
        stops.slice(1).forEach((id, i) => {
          const before = stops[i]!;
          const [first, last] = [acts.findIndex(makes(before)), acts.findLastIndex(makes(id))];
          if (first < 0 || last < 0) return;
          // Each of the two sliding knots of a ring is tied round the strand that comes out of the other.
          if (slug === 'single-slide-beads' && before === 'slide-b') return;
          // The other half of a charm is told in one act, its ends with it.
          if (slug === 'charm-centre' && id === 'end') return;
          expect(first, `${before} before ${id}`).toBeLessThanOrEqual(last);
        });
    }
  });

  it('have a picture each, which is drawn', () => {
    for (const { seat, plan } of made) {
      const maker = { age: 30, skill: 'new' as const, options: seat.options };
      const steps = makingSteps(maker, plan, MAKING_WORDS, { units: 'cm' }, STARTING_FIGURES);
      const acts = drawnSteps(steps, plan).filter(({ phase }) => phase !== 'settle' && phase !== 'tidy');
      for (const { id, drawings, tally } of acts) {
        const names = [...drawings, ...(tally?.each ?? []).flatMap((tie) => tie.drawings)];
        expect(names, id).not.toEqual([]);
        for (const name of names) expect(drawingOf(plan, name, 'cm'), `${id}: ${name}`).toMatch(/^<svg/);
      }
    }
  });
});

it('every picture of hands is of an act of some piece', () => {
  const named = new Set(projects.flatMap(({ making }) => making!.acts.map(({ picture }) => picture)));
  const byRule = ['melt', 'weave', 'glue', 'trim'];
  expect(ACT_PICTURES.filter((name) => !named.has(name) && !byRule.includes(name))).toEqual([]);
});
