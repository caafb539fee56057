import { SHIPPED } from '../../../catalogue';
import type { ProgressEntry } from '../../../src/core/bench';
import { exampleSeat, planSeat, type SeatPlan } from '../../../src/core/seat';
import { STARTING_FIGURES, type Skill } from '../../../src/core/studio';

// Made-up makers at their pieces, knot by knot, and somebody who looks at them every so often. Nothing of the forecast is in it.

/** Numbers between 0 and 1, the same for the same seed. */
export function chances(seed: number): () => number {
  let state = Math.imul(seed + 1, 0x9e3779b1);
  return () => {
    state = (state + 0x9e3779b9) | 0;
    let x = state;
    x = Math.imul(x ^ (x >>> 16), 0x21f0aaad);
    x = Math.imul(x ^ (x >>> 15), 0x735a2d97);
    return ((x ^ (x >>> 15)) >>> 0) / 2 ** 32;
  };
}
const normal = (next: () => number): number => Math.sqrt(-2 * Math.log(1 - next())) * Math.cos(2 * Math.PI * next());

/** Something that a maker has done by a minute from the start: so many knots in all, at such a step. */
interface Done {
  readonly at: number;
  readonly made: number;
  readonly step: string;
}

/** A maker at a piece: all that they did, and when it was done. */
export interface Made {
  readonly plan: SeatPlan;
  readonly log: readonly Done[];
  readonly done: number;
}

const plans = new Map<string, SeatPlan>();
export function planFor(project: string, skill: Skill): SeatPlan {
  const key = `${project} ${skill}`;
  const known =
    plans.get(key) ??
    planSeat(
      exampleSeat(SHIPPED.projects[project]!, { size: { wrist: 165 }, skill, age: 30, options: { flame: false } }),
      SHIPPED,
      STARTING_FIGURES,
    );
  plans.set(key, known);
  return known;
}

/** Each knot differs by so much, and each step of the making by so much more: standard deviations of logarithms. */
const [KNOT, STEP] = [0.35, 0.15];

/** Lets somebody make a piece who takes so much longer than planned. */
export function make(plan: SeatPlan, factor: number, next: () => number): Made {
  const log: Done[] = [];
  let [now, made] = [0, 0];
  let dry: { at: number; step: number }[] = [];
  plan.pace!.steps.forEach((step, i) => {
    if (step.phase === 'settle' || step.phase === 'tidy') return;
    now = Math.max(now, ...dry.filter((own) => own.step === i).map(({ at }) => at));
    const slower = factor * Math.exp(STEP * normal(next));
    log.push({ at: now, made, step: step.id });
    const ties = plan.piece ? tiesOf(plan, step.counts) : 0;
    const rest = (step.minutes - step.knotting) * slower;
    now += rest / 2;
    // The first six of a piece take twice as long.
    const each = Array.from({ length: ties }, (_, k) => (made + k < 6 ? 2 : 1));
    const all = each.reduce((sum, own) => sum + own, 0);
    for (const own of each) {
      now += ((step.knotting * own) / all) * slower * Math.exp(KNOT * normal(next) - KNOT ** 2 / 2);
      made += 1;
      log.push({ at: now, made, step: step.id });
    }
    now += rest / 2;
    if (step.dries > 0) dry = [...dry, { at: now + step.dries, step: step.until }];
  });
  return { plan, log, done: Math.max(now, ...dry.map(({ at }) => at)) };
}

/** Knots of some sections, as their maker counts them. */
function tiesOf({ piece, fit }: SeatPlan, ids: readonly string[]): number {
  return ids.reduce((sum, id) => {
    const { halfKnots, arms } = piece!.sections[id]!;
    return sum + Math.round(fit!.counts[id]! * Math.max(1, Math.round(halfKnots * arms)));
  }, 0);
}

/** What somebody enters who looks at a maker every so many minutes, up to a minute: the step if it is another, and the count. */
export function heard({ log }: Made, every: number, until: number, at: (minutes: number) => string): ProgressEntry[] {
  const entries: ProgressEntry[] = [];
  const say = (minutes: number, what: ProgressEntry['what'], value: ProgressEntry['value']): void => {
    const n = entries.length + 1;
    entries.push({ n, key: `k${n}`, seat: what === 'begin' ? null : 's', what, value, at: at(minutes), by: 'desk' });
  };
  say(0, 'begin', null);
  say(0, 'step', log[0]!.step);
  let [made, step] = [0, log[0]!.step];
  for (let minutes = every; minutes <= until; minutes += every) {
    const seen = log.findLast((own) => own.at <= minutes)!;
    if (seen.step !== step) say(minutes, 'step', (step = seen.step));
    if (seen.made !== made) {
      say(minutes, 'made', seen.made - made);
      made = seen.made;
    }
  }
  return entries;
}
