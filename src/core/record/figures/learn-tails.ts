import { errorFunction } from 'simple-statistics';
import { SKILLS, type Figures } from '../../studio';
import { MOST_POINTS, type FigureSaid, type Point } from './figure-said';
import type { UseLearned } from './learn-use';

/** Nine in ten need no more than the figure: so many deviations above the middle. */
const NINE_IN_TEN = 1.2816;
/** Places on which the middle is tried, and how far to either side of where it starts, in deviations of what is believed. */
const [PLACES, WIDE] = [161, 4];

/** Middles of nine equal shares of a normal distribution, in deviations. */
const NINTHS = [-1.593, -0.967, -0.589, -0.282, 0, 0.282, 0.589, 0.967, 1.593];

const below = (deviations: number): number => (1 + errorFunction(deviations / Math.SQRT2)) / 2;

/** Ends of one skill: what was left of those that were finished, and what those that ran short probably had left, in nine likely cases. */
interface Ends {
  readonly makers: Set<number>;
  readonly left: number[];
  /** Of those that are trusted not to be misread. */
  readonly trusted: number[];
  readonly short: (readonly number[])[];
}

function endsOf({ effects, effectsOf, seen, way, maker, ways }: UseLearned, skill: number): Ends {
  const ends: Ends = { makers: new Set(), left: [], trusted: [], short: [] };
  seen.forEach(({ end, stitch, cord }, i) => {
    const own = ways[way[i]!]!;
    if (!end || own.skill !== skill) return;
    ends.makers.add(maker[i]!);
    if ('left_mm' in end) {
      ends.left.push(end.left_mm);
      if (effects.trusted[i]! > 0.5) ends.trusted.push(end.left_mm);
      return;
    }
    const { mean, sd } = effects.of(effectsOf(stitch, cord, SKILLS[skill]!, own.period));
    const off = Math.hypot(sd, effects.spreads[skill]!.all);
    ends.short.push(NINTHS.map((z) => end.had_mm - end.path_mm * Math.exp(mean + z * off)));
  });
  return ends;
}

/**
 * What ends are gripped by, by skill: what nine in ten need no more than. An end that was finished with so much left needed no more; what it did
 * need nobody saw: the chance of that is a normal distribution's on the logarithm. One that ran short needed more than it had, which is what was
 * cut less what such a piece probably uses. The middle of the distribution is weighed on a grid. The figure never falls below what ends were seen to
 * be finished with: the least but one, of those that are trusted.
 */
export function tailsSaid(use: UseLearned, start: Figures, figures: Figures): FigureSaid[] {
  return SKILLS.flatMap((skill, s): FigureSaid[] => {
    const usual = start[`tail_${skill}`];
    const { makers, left, trusted, short } = endsOf(use, s);
    if (left.length + short.length === 0) return [];
    const counts = new Map<number, number>();
    for (const each of left) {
      const mm = Math.max(figures.tape_reads, Math.round(each / 5) * 5);
      counts.set(mm, (counts.get(mm) ?? 0) + 1);
    }
    const differs = figures.tail_differs;
    const reach = figures.learn_minutes;
    const centre = Math.log(usual) - NINE_IN_TEN * differs;
    const grid = Array.from({ length: PLACES }, (_, i) => WIDE * ((2 * i) / (PLACES - 1) - 1));
    const logs = grid.map((z) => {
      const middle = centre + z * reach;
      const enough = (mm: number): number => (mm > 0 ? below((Math.log(mm) - middle) / differs) : 0);
      let sum = (-z * z) / 2;
      // One in so many is misread, and then says nothing.
      const add = (chance: number, many: number): void => {
        sum += many * Math.log((1 - figures.misread_share) * chance + figures.misread_share);
      };
      for (const [mm, n] of counts) add(enough(mm), n);
      for (const had of short) add(1 - had.reduce((all, mm) => all + enough(mm), 0) / had.length, 1);
      return sum;
    });
    const top = Math.max(...logs);
    const weights = logs.map((log) => Math.exp(log - top));
    const total = weights.reduce((sum, w) => sum + w, 0);
    const quantile = (share: number): number => {
      let sum = 0;
      const at = weights.findIndex((w) => (sum += w / total) >= share);
      return usual * Math.exp(grid[at]! * reach);
    };
    const sorted = trusted.sort((a, b) => a - b);
    const least = Math.min(usual, sorted[1] ?? sorted[0] ?? 0);
    const [low, value, high] = [0.05, 0.5, 0.95].map((share) => Math.max(least, quantile(share)));
    const mean = weights.reduce((sum, w, i) => sum + (w / total) * grid[i]!, 0);
    const square = weights.reduce((sum, w, i) => sum + (w / total) * (grid[i]! - mean) ** 2, 0);
    return [
      {
        key: `figure/tail_${skill}`,
        kind: 'tail',
        start: usual,
        value: value!,
        low: low!,
        high: high!,
        doubt: Math.sqrt(square) * reach,
        records: left.length + short.length,
        makers: makers.size,
        points: left.slice(-MOST_POINTS).map((found): Point => ({ predicted: usual, found, trusted: 1 })),
        measure: 'mm',
      },
    ];
  });
}
