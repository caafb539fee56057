import { origin, type Origin, type Stretch } from '../studio';

/** A stretch of a cut: what it is for, how long (mm), and where the figure comes from. The stretches of a cut sum to it. */
export interface AnatomyEntry {
  readonly for: Stretch;
  readonly mm: number;
  readonly because: Origin;
}

/**
 * Total of some stretches, mm.
 *
 * @example
 * totalOf([{ for: 'start', mm: 40 }, { for: 'tail', mm: 80 }]) // 120
 */
export function totalOf(entries: readonly AnatomyEntry[]): number {
  return entries.reduce((sum, entry) => sum + entry.mm, 0);
}

/** The stretches of several legs of one cord put together: those of the same origin become one, counted. */
export function mergeLegs(legs: readonly (readonly AnatomyEntry[])[]): AnatomyEntry[] {
  const groups: AnatomyEntry[][] = [];
  for (const leg of legs) {
    for (const entry of leg) {
      const same = groups.find(
        ([first]) => first === entry || (first!.for === entry.for && first!.because.text === entry.because.text),
      );
      if (same) same.push(entry);
      else groups.push([entry]);
    }
  }
  return groups.map((same) =>
    same.length === 1
      ? same[0]!
      : {
          for: same[0]!.for,
          mm: totalOf(same),
          because: origin('legs', { legs: same.length }, `${same.length} × (${same[0]!.because.text})`, [
            same[0]!.because,
          ]),
        },
  );
}
