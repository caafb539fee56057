import { Type, type Static } from '@sinclair/typebox';
import { SkillSchema, SlugSchema, type Skill } from '../studio';

/** What this studio's makers use of a cord in a stitch, against its geometry: as its records said when somebody accepted it. */
export const LearnedUseSchema = Type.Object(
  {
    stitch: SlugSchema,
    skill: SkillSchema,
    factor: Type.Number({ minimum: 0.5, maximum: 2, title: 'Use', description: '× what the strand’s path is long' }),
    doubt: Type.Number({
      minimum: 0,
      maximum: 1,
      title: 'Doubt',
      description: 'standard deviation of the factor, as a share of it',
    }),
    records: Type.Integer({
      minimum: 0,
      maximum: 10_000_000,
      description: 'that it rests on; 0 where it was set by hand',
    }),
  },
  { additionalProperties: false },
);
export type LearnedUse = Static<typeof LearnedUseSchema>;

/**
 * What a maker of this skill uses of a cord in a stitch, × geometry, and how far that may be off: 1 and certain where nobody accepted
 * anything else.
 *
 * @example
 * useFactor(satin, 'square-knot', 'new') // { factor: 1, doubt: 0 }
 */
export function useFactor(
  { learned }: { readonly learned?: readonly LearnedUse[] },
  stitch: string,
  skill: Skill,
): Pick<LearnedUse, 'factor' | 'doubt'> {
  const { factor, doubt } = learned?.find((one) => one.stitch === stitch && one.skill === skill) ?? NOTHING;
  return { factor, doubt };
}

const NOTHING = { factor: 1, doubt: 0 };
