import { describe, expect, it } from 'vitest';
import { MAKING_WORDS, SHIPPED } from '../../../catalogue';
import { bandCount } from '../../../src/core/making';
import { exampleSeat, planSeat } from '../../../src/core/seat';
import { STARTING_FIGURES } from '../../../src/core/studio';

const countOf = (project: string): string => {
  const seat = exampleSeat(SHIPPED.projects[project]!, { size: { wrist: 165 }, age: 30, skill: 'steady' });
  const { piece, fit } = planSeat(seat, SHIPPED, STARTING_FIGURES);
  return bandCount({ piece: piece!, fit: fit! }, MAKING_WORDS);
};

describe('what a band takes', () => {
  it.each([
    ['band-buckle', /^\d+ square knots( and 1 half knot)?$/],
    ['double-spiral', /^\d+ half knots$/],
    ['class-band-bead', /^\d+ square knots( and 1 half knot)? on each side$/],
    ['ladder-wrap', /^\d+ beads$/],
    ['tube-ladder', /^\d+ tubes$/],
    ['wrapped-three', /^\d+ courses$/],
    ['petal-arms', /^\d+ flowers$/],
    ['button-panels', /^\d+ pairs of rows$/],
    ['charm-centre', /^\d+ edge pairs on each side$/],
    ['single-noose', /^$/],
  ])('%s is counted as hands count it', (project, words) => {
    expect(countOf(project)).toMatch(words);
  });
});
