import type { LegStep } from './project';

/**
 * What a step names under a key: a part or a section; nothing where it is another kind of step.
 *
 * @example
 * idIn({ part: 'near' }, 'part') // 'near'
 */
export const idIn = (step: LegStep, key: string): string | undefined =>
  Object.entries(step).flatMap(([own, id]) => (own === key && typeof id === 'string' ? [id] : []))[0];
