import type { LegStep } from '../../../core/project';
import { targetOf } from '../edit-project';

/** What a strand does at a step of its way, in words: `works arms as a`. */
export function stepWords(step: LegStep): string {
  const target = targetOf(step);
  if ('work' in step) return `works ${target} as ${step.as}`;
  if ('core' in step) return `core through ${target}`;
  if ('past' in step) return `passes ${target}`;
  return step.stands ? `stands in ${target}` : `makes ${target}`;
}
