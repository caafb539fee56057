import { Type, type Static } from '@sinclair/typebox';
import { SkillSchema, SlugSchema, type Figures, type Skill } from '../studio';

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
 * How far a use may lie from geometry where no records say, as a share: of a stitch, of a kind of cord, of the one in the other and of makers of
 * one skill and of one season, together as variances are. Learning starts from the same.
 *
 * @example
 * geometryDoubt(figures) > figures.learn_stitch // true
 */
export const geometryDoubt = ({ learn_stitch, learn_cord, learn_pair, learn_skill, learn_drift }: Figures): number =>
  Math.hypot(learn_stitch, learn_cord, learn_pair, learn_skill, learn_drift);

/**
 * What a maker of this skill uses of a cord in a stitch, × geometry, and how far that may be off, as a share: geometry's own where nobody
 * accepted anything else.
 *
 * @example
 * factorOfUse(satin, 'square-knot', 'new', figures).factor // 1
 */
export function factorOfUse(
  { learned }: { readonly learned?: readonly LearnedUse[] },
  stitch: string,
  skill: Skill,
  figures: Figures,
): Pick<LearnedUse, 'factor' | 'doubt' | 'records'> {
  const own = learned?.find((one) => one.stitch === stitch && one.skill === skill);
  return own ?? { factor: 1, doubt: geometryDoubt(figures), records: 0 };
}
