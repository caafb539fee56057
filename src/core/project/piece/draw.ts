import { Type, type Static } from '@sinclair/typebox';
import type { Cord } from '../../cord';
import type { Figures, Skill } from '../../studio';

/** A maker's own count: so many half knots made so much band, whole millimetres. The cheapest record there is. */
export const MadeCountSchema = Type.Object(
  {
    half_knots: Type.Integer({ minimum: 2, maximum: 1000 }),
    length_mm: Type.Integer({ minimum: 4, maximum: 5000 }),
  },
  { additionalProperties: false },
);
export type MadeCount = Static<typeof MadeCountSchema>;

/**
 * How much longer along the band a maker's knots come out than the tightest there can be, by skill and by the cord's stiffness: the
 * studio's figures, which a count replaces.
 *
 * @example
 * drawOf('new', satin, figures) === figures.draw_new // true
 */
export function drawOf(skill: Skill, cord: Cord, figures: Figures): number {
  const own = { new: figures.draw_new, steady: figures.draw_steady, fluent: figures.draw_fluent }[skill];
  return own * (cord.stiffness === 'stiff' ? figures.draw_stiff : 1);
}
