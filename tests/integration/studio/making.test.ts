import { randomUUID } from 'node:crypto';
import { expect, it } from 'vitest';
import { addSeats } from '../../../src/app/session/seats';
import { createSession, openSession } from '../../../src/app/session/session';
import { packingSheet } from '../../../src/app/sheets/packing-sheet';
import { studioText } from '../../../src/app/studio/studio';
import { freshStudio } from '../support/database';

freshStudio();

it('the packing list has what the instructor prepares, once for all seats that need it; pages carry no words of makings', async () => {
  const id = randomUUID();
  await createSession(id, { title: 'Weave night', held_on: '2031-05-04' });
  const seat = (name: string, project: string, age: number) => ({
    id: randomUUID(),
    name,
    wrist_mm: 165,
    wrist_method: 'tape' as const,
    project,
    age,
  });
  await addSeats(id, [
    seat('Ada Quoin', 'wrapped-three', 30),
    seat('Bo Trow', 'wrapped-three', 40),
    seat('Cy Marl', 'wrapped-three', 9),
    seat('Di Quay', 'tube-ladder', 30),
  ]);
  const { prepared, preparing } = await packingSheet(id);
  // Two ends sealed by a fluent hand: half a minute each.
  expect(preparing).toBeGreaterThan(0.5);
  expect(preparing).toBeLessThan(2);
  // Of the child's cords nothing is melted; the ladder needs nothing beforehand.
  expect(prepared).toEqual([{ name: expect.stringMatching(/Melt one end of each short cord/) as string, count: 2 }]);
  const { studio } = await openSession(id);
  expect(studio.catalogue.projects['band-buckle']!.making!.acts.length).toBeGreaterThan(10);
  const text = studioText(studio);
  expect(text).not.toMatch(/"if_not"|"right":|finger goes under/);
  // Acts stay, for times, counts and the bench; their words are most of it.
  expect(text.length).toBeLessThan((JSON.stringify(studio).length * 2) / 3);
  expect(JSON.parse(text)).toMatchObject({ catalogue: { projects: { 'band-buckle': { slug: 'band-buckle' } } } });
});
