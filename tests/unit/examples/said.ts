import type { Values } from '../../../src/core/studio';

/**
 * The numbers of a sentence that its values do not give: neither one of them, to the digits that are written, nor the sum or the
 * difference of two, once or twice. Lengths in the sentence are in mm, or in cm where a unit stands behind.
 */
export function unsaid(text: string, values: Values): number[] {
  const known = Object.values(values).flatMap((value) =>
    typeof value === 'number' ? [value] : Array.isArray(value) ? [value.length] : [],
  );
  const all = [...known, ...known.flatMap((a) => known.flatMap((b) => [a - b, a + b, a + 2 * b, a - 2 * b]))];
  const given = Object.values(values)
    .flat()
    .filter((value) => typeof value === 'string');
  const bare = given.reduce((rest, name) => rest.replaceAll(name, ''), text);
  return [...bare.matchAll(/(\d+(?:\.\d+)?)( cm)?/g)]
    .map(([, number, unit]) => Number(number) * (unit ? 10 : 1))
    .filter((number) => !all.some((value) => Math.abs(value - number) <= 0.51));
}
