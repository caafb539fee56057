import type { Stretch } from '../studio';

/** A stretch of a cut: what it is for, how long (mm), and where the figure comes from. The stretches of a cut sum to it. */
export interface AnatomyEntry {
  readonly for: Stretch;
  readonly mm: number;
  readonly because: string;
}

/** Total of some stretches, mm. */
export function totalOf(entries: readonly AnatomyEntry[]): number {
  return entries.reduce((sum, entry) => sum + entry.mm, 0);
}

/** The stretches of several legs of one cord put together: those of the same origin become one, counted. */
export function mergeLegs(legs: readonly (readonly AnatomyEntry[])[]): AnatomyEntry[] {
  const groups = new Map<string, AnatomyEntry[]>();
  for (const entry of legs.flat()) {
    const key = `${entry.for}|${entry.because}`;
    groups.set(key, [...(groups.get(key) ?? []), entry]);
  }
  return [...groups.values()].map((same) => ({
    for: same[0]!.for,
    mm: totalOf(same),
    because: same.length > 1 ? `${same.length} × (${same[0]!.because})` : same[0]!.because,
  }));
}
