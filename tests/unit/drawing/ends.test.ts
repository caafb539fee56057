import { expect, it } from 'vitest';
import { SHIPPED } from '../../../catalogue';
import { drawnParts, knotsBehind, type DrawnPart } from '../../../src/core/drawing';
import { exampleSeat, planSeat } from '../../../src/core/seat';
import { STARTING_FIGURES } from '../../../src/core/studio';

const plan = (slug: string) => planSeat(exampleSeat(SHIPPED.projects[slug]!), SHIPPED, STARTING_FIGURES);
const partOf = (parts: readonly DrawnPart[], id: string): DrawnPart => parts.find(({ item }) => item.id === id)!;
const reach = ({ strands }: DrawnPart, axis: 0 | 1): [number, number] => {
  const all = strands.flatMap(({ points }) => points.map((point) => point[axis]));
  return [Math.min(...all), Math.max(...all)];
};

it('ends go on from where their strands leave a turned-back knot: at its two sides', () => {
  const parts = drawnParts(plan('wrapped-three'));
  const close = partOf(parts, 'close');
  const ends = parts.filter(({ item }) => item.id === 'end').flatMap(({ strands }) => strands);
  const [left, right] = reach(close, 0);
  const ofClose = new Set(close.strands.map(({ leg }) => leg));
  const sides = ends.filter(({ leg }) => ofClose.has(leg)).map(({ points }) => points.at(-1)![0]);
  expect(sides).toHaveLength(2);
  expect(Math.max(...sides)).toBeGreaterThan(right);
  expect(Math.min(...sides)).toBeLessThan(left);
});

it('an end that leaves a knot of its own begins where its strand left that', () => {
  const parts = drawnParts(plan('wrapped-three'));
  const [left] = partOf(parts, 'hitches').strands.map(({ points }) => points.at(-1)!);
  const short = parts.filter(({ item }) => item.id === 'end').flatMap(({ strands }) => strands);
  const own = short.find(({ leg }) => leg === partOf(parts, 'hitches').strands[0]!.leg)!;
  expect(own.points[0]![0]).toBeCloseTo(left![0], 6);
});

it('a bead between two sliding knots has one on each side, and neither lies in it', () => {
  const parts = drawnParts(plan('single-slide-beads'));
  const [bead, knot] = [partOf(parts, 'bead'), partOf(parts, 'slide-b')];
  expect(knot.outward).toBe(bead.outward);
  // The bead begins where the knot beside it ends.
  expect(bead.at).toBeCloseTo(reach(knot, 1)[0], 6);
});

it('the square knot behind a shank button lies under the button, past the shank', () => {
  const spiral = plan('double-spiral');
  const button = partOf(drawnParts(spiral), 'button');
  const [behind] = knotsBehind(spiral);
  expect(knotsBehind(spiral)).toHaveLength(1);
  expect(behind!.from).toBeCloseTo(reach(button, 1)[1], 6);
  expect(behind!.from + behind!.length).toBeLessThan(button.at + button.item.along);
  expect(Object.keys(SHIPPED.projects).filter((slug) => knotsBehind(plan(slug)).length > 0)).toEqual(['double-spiral']);
});
