import type { Figures, Skill } from '../../studio';
import type { Estimate } from '../effects/fit-effects';
import type { Spread } from '../effects/learn-spreads';
import { SKILLS } from '../../studio';
import type { YieldRecord } from '../yield-record';
import { indexed } from './indexed';
import { fitUse } from './learn-use';

/** What some records say of use, to be asked. */
export interface UseOf {
  /** The logarithm of use over path of a stitch in a cord by makers of a skill, seen before or not. */
  readonly of: (stitch: string, cord: string, skill: Skill) => Estimate;
  readonly spreadOf: (skill: Skill) => Spread;
}

/**
 * Learns what some records say of use, for any stitch, cord and skill.
 *
 * @example
 * learnUse([], figures).of('square-knot', 'satin-2', 'new').mean // 0
 */
export function learnUse(records: readonly YieldRecord[], figures: Figures): UseOf {
  const { effects, effectsOf } = fitUse(indexed(records), figures);
  return {
    of: (stitch, cord, skill) => effects.of(effectsOf(stitch, cord, skill)),
    spreadOf: (skill) => effects.spreads[SKILLS.indexOf(skill)]!,
  };
}
