import { benchOf, restOf } from '../../../src/core/bench';
import { simulateRest } from '../../../src/core/room';
import { STARTING_FIGURES, type Skill } from '../../../src/core/studio';
import { chances, heard, make, planFor } from './makers';

const PROJECTS = ['band-buckle', 'reversible-slider', 'ladder-wrap', 'charm-centre'];
const at = (minutes: number): string => new Date(Date.UTC(2030, 4, 4, 10) + minutes * 60_000).toISOString();

/** Of all who were told a chance about so high: how many, what they were told as a mean, and the share that finished. */
export interface Told {
  readonly many: number;
  readonly told: number;
  readonly finished: number;
}

/**
 * Makers who are off by −30 to +50 % at four projects, looked at every so many minutes; at moments of their work they are told their chance
 * to be done in time. Five bins of chances.
 */
export function calibrationOf(every: number, skill: Skill, makers: number): Told[] {
  const bins = Array.from({ length: 5 }, () => ({ many: 0, told: 0, finished: 0 }));
  for (const [j, project] of PROJECTS.entries()) {
    const plan = planFor(project, skill);
    for (let i = 0; i < makers; i++) {
      const next = chances(1000 * j + i * 7 + every * 13);
      const made = make(plan, 0.7 * (1.5 / 0.7) ** next(), next);
      for (let look = 0; look < 4; look++) {
        const closes = plan.minutes! * (0.6 + 0.9 * next());
        const now = next() * Math.min(made.done, closes);
        const bench = benchOf(heard(made, every, now, at), () => 0);
        const rest = restOf('s', plan, bench, Date.parse(at(now)), STARTING_FIGURES)!;
        const { seats } = simulateRest([rest], closes - now, 1, STARTING_FIGURES, { runs: 100, seed: i });
        const { finishes } = seats[0]!;
        const bin = bins[Math.min(4, Math.floor(finishes * 5))]!;
        bin.many += 1;
        bin.told += finishes;
        bin.finished += made.done <= closes ? 1 : 0;
      }
    }
  }
  return bins.map(({ many, told, finished }) => ({ many, told: told / many, finished: finished / many }));
}
