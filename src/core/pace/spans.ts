import { PHASES, type PaceStep } from './phases';

/** What a seat does from one turn at the flame to the next: minutes of each phase, as they are planned, and what glue makes it wait beside them. */
export interface Span {
  /** By the places of their phases. */
  readonly minutes: readonly number[];
  readonly idle: number;
  /** Minutes at the flame that come then; null where it is done. */
  readonly visit: number | null;
}

/** Glue that is drying: when it is dry, minutes from the first of the steps, and the step that waits for that: the n-th, or the end. */
export type Wet = readonly { readonly dry: number; readonly until: number }[];

/** Minutes that each step waits for glue to dry before it begins, and last those that the end waits. */
function waitsOf(steps: readonly PaceStep[], wet: Wet): number[] {
  const dry = new Array<number>(steps.length + 1).fill(0);
  const dryAt = (at: number, until: number): void => {
    const i = Math.min(until, steps.length);
    dry[i] = Math.max(dry[i]!, at);
  };
  for (const { dry: at, until } of wet) dryAt(at, until);
  const waits: number[] = [];
  let now = 0;
  for (let i = 0; i <= steps.length; i++) {
    waits[i] = Math.max(0, dry[i]! - now);
    const step = steps[i];
    now += waits[i]! + (step?.minutes ?? 0);
    if (step && step.dries > 0) dryAt(now + step.dries, step.until);
  }
  return waits;
}

/**
 * The steps of a seat between its turns at the flame; tidying, which nobody waits for, is left out.
 *
 * @param wet what dries already
 *
 * @example
 * spansOf(pace.steps).at(-1).visit // null
 */
export function spansOf(steps: readonly PaceStep[], wet: Wet = []): Span[] {
  const spans: Span[] = [];
  let minutes = PHASES.map(() => 0);
  let idle = 0;
  const close = (visit: number | null): void => {
    spans.push({ minutes, idle, visit });
    minutes = PHASES.map(() => 0);
    idle = 0;
  };
  waitsOf(steps, wet).forEach((wait, i) => {
    idle += wait;
    const step = steps[i];
    if (!step) close(null);
    else if (step.at === 'station') close(step.minutes);
    else if (step.phase !== 'tidy') minutes[PHASES.indexOf(step.phase)]! += step.minutes;
  });
  return spans;
}

/**
 * Minutes a seat works at its piece, from first fold to last end, with its looks at it, its turns at the flame, and what glue makes it
 * wait for; an estimate, rounded up to whole minutes. The queue for the flame is not in it.
 *
 * @example
 * workingMinutes(paceOf(piece, fit, { skill: 'new', age: null }, figures)) > 0 // true
 */
export function workingMinutes({ steps }: { readonly steps: readonly PaceStep[] }): number {
  let all = 0;
  for (const wait of waitsOf(steps, [])) all += wait;
  for (const { phase, minutes } of steps) if (phase !== 'settle' && phase !== 'tidy') all += minutes;
  return Math.ceil(all - 1e-9);
}
