import { fuses, type Cord } from '../cord';
import type { Figures, Message } from '../studio';

/** Whether a piece may be finished with a flame, and what to say about it. */
export interface FinishRuling {
  readonly flame: boolean;
  readonly messages: readonly Message[];
}

/**
 * Rules on a heat finish. Heat is for cords that fuse and for seats at or over the studio's age; wanting it changes neither.
 *
 * @param wanted the seat's choice; undefined leaves it to the rule
 * @param cords every cord with an end to finish
 * @param age years, or null when not known
 *
 * @example
 * ruleFinish(true, [satin], 8, figures).flame // false
 */
export function ruleFinish(
  wanted: boolean | undefined,
  cords: readonly Cord[],
  age: number | null,
  figures: Figures,
): FinishRuling {
  if (wanted === false) return { flame: false, messages: [] };
  const burns = cords.find((cord) => !fuses(cord));
  if (burns) {
    const text = `${burns.name} is ${burns.fibre}: heat burns it and does not fuse it. The ends are tucked and glued instead.`;
    return {
      flame: false,
      messages: wanted
        ? [{ level: 'error', code: 'flame-fibre', text, values: { cord: burns.slug, fibre: burns.fibre } }]
        : [],
    };
  }
  if (age !== null && age < figures.flame_age) {
    const text = `${age} years old: no heat below ${figures.flame_age}. The ends are tucked and glued instead.`;
    return {
      flame: false,
      messages: [
        { level: wanted ? 'error' : 'info', code: 'flame-age', text, values: { age, from: figures.flame_age } },
      ],
    };
  }
  if (age === null) {
    const text = `Age not given: a fused end is for ${figures.flame_age} and over. Enter the age, or choose a finish without flame.`;
    return {
      flame: true,
      messages: [{ level: 'info', code: 'age-not-known', text, values: { from: figures.flame_age } }],
    };
  }
  return { flame: true, messages: [] };
}
