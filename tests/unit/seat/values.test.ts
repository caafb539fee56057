import { expect, it } from 'vitest';
import { SHIPPED } from '../../../catalogue';
import { exampleSeat, planSeat } from '../../../src/core/seat';
import { stagesOf } from '../../../src/core/session';
import { STARTING_FIGURES, type Message, type Origin } from '../../../src/core/studio';

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

/** Where every length of every project comes from, fitted and cut by each school, at two wrists, in one wrap and in more. */
const origins = (): Origin[] =>
  Object.values(SHIPPED.projects).flatMap((project) =>
    (['measured', 'ratio', 'core-multiple', 'size-class', 'try-on'] as const).flatMap((school) =>
      [{}, { size: { wrist: 150 }, options: { wraps: 3 } }, { size: { finished: 190 } }].flatMap((changes) => {
        const { fit, cut } = planSeat(exampleSeat(project, changes, school), SHIPPED, STARTING_FIGURES);
        return [...(fit?.lines ?? []), ...(cut?.cuts ?? []).flatMap(({ anatomy }) => anatomy)].map(
          (one) => one.because,
        );
      }),
    ),
  );

it('where a length comes from is said by codes and values too: every number of its words is among them', () => {
  const said = origins();
  const valuesOf = ({ values, of = [] }: Origin): unknown[] => [...Object.values(values), ...of.flatMap(valuesOf)];
  expect(new Set(said.flatMap(({ code, of = [] }) => [code, ...of.map((one) => one.code)])).size).toBeGreaterThan(35);
  for (const from of said) {
    const known = valuesOf(from).filter((value) => typeof value === 'number');
    // Of a rule only its own numbers are words: twice, half, and a share in hundreds.
    const bare = Object.values(SHIPPED.hardware).reduce(
      (text, { name }) => text.replace(name, '').replace(name.toLowerCase(), ''),
      from.text,
    );
    for (const [number] of bare.replace(/÷ 2|2 × \(|about 1 in/g, '').matchAll(/\d+(\.\d+)?/g)) {
      const places = number.split('.')[1]?.length ?? 0;
      const isKnown = known.some((value) => [value, value * 100].some((one) => one.toFixed(places) === number));
      expect(isKnown, `${from.code}: ${number} of “${from.text}” in ${known.join(', ')}`).toBe(true);
    }
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
