import { Type, type Static } from '@sinclair/typebox';

/** A schema for one of a few fixed words. */
function oneOf<const T extends readonly string[]>(words: T) {
  return Type.Unsafe<T[number]>({ type: 'string', enum: [...words] });
}

/** How used to the work a participant is. */
export const SKILLS = ['new', 'steady', 'fluent'] as const;
export const SkillSchema = oneOf(SKILLS);
export type Skill = Static<typeof SkillSchema>;

/** How the wearer likes a band to sit. */
export const EASES = ['snug', 'easy', 'loose'] as const;
export const EaseSchema = oneOf(EASES);
export type Ease = Static<typeof EaseSchema>;

/** The ways to get from knotted length to cut length that Lapboard reckons by. */
export const SCHOOLS = ['measured', 'ratio', 'core-multiple', 'size-class', 'try-on'] as const;
export const SchoolSchema = oneOf(SCHOOLS);
export type School = Static<typeof SchoolSchema>;

/** What a carry loop goes round. */
export const LOOPS = ['finger', 'wrist', 'neck'] as const;
export const LoopSchema = oneOf(LOOPS);
export type Loop = Static<typeof LoopSchema>;

/** What a wearer's skin does not take. */
export const AVOIDS = ['nickel', 'synthetic'] as const;
export const AvoidSchema = oneOf(AVOIDS);
export type Avoid = Static<typeof AvoidSchema>;

/** What a stretch of a cut is for. */
export const STRETCHES = [
  'start',
  'core',
  'stitches',
  'loop',
  'join',
  'beads',
  'closure',
  'slide',
  'end',
  'tail',
  'allowance',
  'rounding',
] as const;
export const StretchSchema = oneOf(STRETCHES);
export type Stretch = Static<typeof StretchSchema>;

/** What a cord is in the piece; `whole` is core and working by its fold. */
export const ROLES = ['core', 'working', 'slider', 'whole', 'thread'] as const;
export const RoleSchema = oneOf(ROLES);
export type Role = Static<typeof RoleSchema>;

/** The end knots that a maker may choose among. */
export const STOPPERS = [
  'overhand',
  'double-overhand',
  'stacked-overhand',
  'double-connection',
  'button-knot',
  'turned-back',
] as const;
export const StopperSchema = oneOf(STOPPERS);
export type Stopper = Static<typeof StopperSchema>;

/** Who ties a knot of several legs: one of them round the others, or all as one. */
export const TIED_BY = ['one', 'all'] as const;
export const TiedSchema = oneOf(TIED_BY);
export type Tied = Static<typeof TiedSchema>;
