import { expect, it } from 'vitest';
import { SHIPPED } from '../../../catalogue';
import { exampleSeat, planSeat } from '../../../src/core/seat';
import { stagesOf } from '../../../src/core/session';
import { STARTING_FIGURES, type Message } from '../../../src/core/studio';

/** Messages over every project, for makers that much is to be said of. */
const said = (): Message[] =>
  Object.values(SHIPPED.projects).flatMap((project) =>
    [
      { age: 9 },
      { age: 2, avoid: ['nickel', 'synthetic'] as const },
      { age: null, size: null },
      { size: { wrist: 60 } },
      { size: { wrist: 165 }, hand: 400, estimated: true },
      { options: { loop: 'neck' as const, wraps: 4, colours: 4, beads: 3, button_mm: 12, swap: true } },
      { cords: Object.fromEntries(project.cords.map(({ role }) => [role, { cord: 'leather-2' }])) },
    ].flatMap((changes) => {
      const { avoid = [], ...rest } = changes as { avoid?: readonly ('nickel' | 'synthetic')[] };
      return planSeat(exampleSeat(project, { ...rest, avoid: [...avoid] }), SHIPPED, STARTING_FIGURES).messages;
    }),
  );

it('every number a message speaks of is among its values, so that it can be said in other words', () => {
  const messages = said();
  expect(new Set(messages.map(({ code }) => code)).size).toBeGreaterThan(12);
  for (const { code, text, values } of messages) {
    const known = Object.values(values).flat().map(String);
    // Names and sizes of things are in their slugs; what is spoken of beside them is a value, to the millimetre that is written.
    const names = Object.values(SHIPPED.hardware)
      .map(({ name }) => name)
      .concat(Object.values(SHIPPED.cords).map(({ name }) => name));
    const bare = names.reduce((rest, name) => rest.replaceAll(name, '').replaceAll(name.toLowerCase(), ''), text);
    for (const [number] of bare.matchAll(/\d+(\.\d+)?/g))
      expect(
        known.some((value) => Math.abs(Number(value) - Number(number)) <= 0.51),
        `${code}: ${number} of “${text}” in ${known.join(', ')}`,
      ).toBe(true);
  }
});

it('a stage’s line says by a code which line it is, and by values whom it speaks of', () => {
  const seat = (id: string, changes = {}) => ({
    id,
    accepted: false,
    plan: planSeat(exampleSeat(SHIPPED.projects['band-buckle']!, { label: id, ...changes }), SHIPPED, STARTING_FIGURES),
  });
  const of = (seats: ReturnType<typeof seat>[]) =>
    Object.fromEntries(stagesOf(seats, null).map(({ stage, code, values }) => [stage, { code, values }]));
  expect(of([]).seats).toEqual({ code: 'nobody', values: {} });
  expect(of([seat('Ada', { size: null }), seat('Bo')]).fit).toEqual({ code: 'no-wrist', values: { seats: ['Ada'] } });
  expect(of([seat('Ada', { estimated: true })]).fit).toEqual({ code: 'estimates', values: { seats: ['Ada'] } });
  expect(of([seat('Ada')]).cut).toEqual({ code: 'to-cut', values: { pieces: 1 } });
});
