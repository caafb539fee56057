import { errorFunction } from 'simple-statistics';
import { SKILLS, type Figures } from '../../studio';
import { MOST_POINTS, type FigureSaid, type Point } from './figure-said';
import type { Indexed } from './indexed';

/** Nine in ten need no more than the figure: so many deviations above the middle. */
const NINE_IN_TEN = 1.2816;
/** Places on which the middle is tried, and how far to either side of where it starts, in deviations of what is believed. */
const [PLACES, WIDE] = [161, 4];

/**
 * What ends are gripped by, by skill. An end that was finished with so much left needed no more; what it did need nobody saw. So each says only
 * “at most this”: the chance of that is a normal distribution's on the logarithm, and the middle is weighed on a grid. Much left says
 * next to nothing, little left says much; nothing in it can make a tail longer than it starts.
 */
export function tailsSaid({ records, maker, bySkill }: Indexed, start: Figures, figures: Figures): FigureSaid[] {
  return SKILLS.flatMap((skill, s): FigureSaid[] => {
    const usual = start[`tail_${skill}`];
    const makers = new Set<number>();
    const ends: number[] = [];
    const counts = new Map<number, number>();
    for (const at of bySkill[s]!) {
      const { planned, said } = records[at]!;
      if (!said.left || said.finished === 'not finished') continue;
      for (const place in said.left) {
        const left = said.left[place];
        const cord = planned.cords[Number(place)];
        if (!left || !('mm' in left) || !cord || cord.ends === 0 || cord.tail_mm === 0 || cord.stitch === null)
          continue;
        const many = cord.ends * cord.pieces;
        let [sum, least] = [0, Infinity];
        for (const mm of left.mm) {
          sum += mm;
          least = Math.min(least, mm);
        }
        const each = left.mm.length === many ? least : sum / many;
        const mm = Math.max(figures.tape_reads, Math.round(each / 5) * 5);
        counts.set(mm, (counts.get(mm) ?? 0) + 1);
        makers.add(maker[at]!);
        ends.push(each);
      }
    }
    const points = ends.slice(-MOST_POINTS).map((found): Point => ({ predicted: usual, found, trusted: 1 }));
    if (points.length === 0) return [];
    const differs = figures.tail_differs;
    const centre = Math.log(usual) - NINE_IN_TEN * differs;
    const grid = Array.from({ length: PLACES }, (_, i) => WIDE * ((2 * i) / (PLACES - 1) - 1));
    const logs = grid.map((z) => {
      const middle = centre + z * figures.learn_minutes;
      let sum = (-z * z) / 2;
      for (const [mm, n] of counts) {
        const under = (1 + errorFunction((Math.log(mm) - middle) / differs / Math.SQRT2)) / 2;
        // One in so many is misread, and then says nothing.
        sum += n * Math.log((1 - figures.misread_share) * under + figures.misread_share);
      }
      return sum;
    });
    const top = Math.max(...logs);
    const weights = logs.map((log) => Math.exp(log - top));
    const total = weights.reduce((sum, w) => sum + w, 0);
    const quantile = (share: number): number => {
      let sum = 0;
      const at = weights.findIndex((w) => (sum += w / total) >= share);
      return usual * Math.exp(grid[at]! * figures.learn_minutes);
    };
    const [low, value, high] = [quantile(0.05), Math.min(usual, quantile(0.5)), quantile(0.95)];
    const mean = weights.reduce((sum, w, i) => sum + (w / total) * grid[i]!, 0);
    const square = weights.reduce((sum, w, i) => sum + (w / total) * (grid[i]! - mean) ** 2, 0);
    const doubt = Math.sqrt(square) * figures.learn_minutes;
    const said = { start: usual, value, low, high: Math.max(value, Math.min(high, usual)), doubt };
    return [
      {
        key: `figure/tail_${skill}`,
        kind: 'tail',
        ...said,
        records: ends.length,
        makers: makers.size,
        points,
        measure: 'mm',
      },
    ];
  });
}
