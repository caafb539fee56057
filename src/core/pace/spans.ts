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
  const dry: number[] = [];
  let minutes = PHASES.map(() => 0);
  let [now, idle] = [0, 0];
  const dryAt = (at: number, until: number): void => {
    const i = Math.min(until, steps.length);
    dry[i] = Math.max(dry[i] ?? 0, at);
  };
  for (const { dry: at, until } of wet) dryAt(at, until);
  const waitFor = (i: number): void => {
    const wait = Math.max(0, (dry[i] ?? 0) - now);
    idle += wait;
    now += wait;
  };
  const close = (visit: number | null): void => {
    spans.push({ minutes, idle, visit });
    minutes = PHASES.map(() => 0);
    idle = 0;
  };
  steps.forEach((step, i) => {
    waitFor(i);
    if (step.at === 'station') close(step.minutes);
    else if (step.phase !== 'tidy') minutes[PHASES.indexOf(step.phase)]! += step.minutes;
    now += step.minutes;
    if (step.dries > 0) dryAt(now + step.dries, step.until);
  });
  waitFor(steps.length);
  close(null);
  return spans;
}

/**
 * Minutes a seat works at its piece, from first fold to last end, with its looks at it, its turns at the flame, and what glue makes it
 * wait for; an estimate, rounded up to whole minutes. The queue for the flame is not in it.
 *
 * @example
 * workingMinutes(paceOf(piece, fit, { skill: 'new', age: null }, figures)) > 0 // true
 */
export const workingMinutes = ({ steps }: { readonly steps: readonly PaceStep[] }): number => {
  const works = spansOf(steps.map((step) => (step.phase === 'settle' ? { ...step, minutes: 0 } : step)));
  const all = works.reduce(
    (sum, { minutes, idle, visit }) => sum + minutes.reduce((own, one) => own + one, idle) + (visit ?? 0),
    0,
  );
  return Math.ceil(all - 1e-9);
};
