import { daysBetween } from '../../core/region';
import type { Level } from '../../core/shelf';

/** Levels as steps over days from today: what there is now, then each change, and a little past the last. */
export function levelSteps(hand: number, levels: readonly Level[], today: string): [number, number][] {
  const after = (on: string): number => Math.max(0, daysBetween(today, on));
  const steps = levels.map(({ on, level }): [number, number] => [after(on), level]);
  const [end, level] = steps.at(-1) ?? [1, hand];
  return [[0, hand], ...steps, [Math.ceil(end * 1.08) + 1, level]];
}
