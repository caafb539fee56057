import { benchOf } from './bench';
import type { ProgressEntry } from './progress';

/** How a session's bench stands, in short: its seats by how they ended, the rest being at work. */
export interface BenchSummary {
  readonly began: boolean;
  readonly closed: boolean;
  readonly done: readonly string[];
  readonly home: readonly string[];
  readonly away: readonly string[];
}

export const NOT_BEGUN: BenchSummary = { began: false, closed: false, done: [], home: [], away: [] };

/**
 * A session's bench in short.
 *
 * @example
 * summaryOf([]).began // false
 */
export function summaryOf(entries: readonly ProgressEntry[]): BenchSummary {
  if (entries.length === 0) return NOT_BEGUN;
  const { began, closed, seats } = benchOf(entries, () => 0);
  const which = (is: (seat: string) => boolean): string[] => [...seats.keys()].filter(is);
  return {
    began: began !== null,
    closed: closed !== null,
    done: which((id) => seats.get(id)!.done !== null),
    home: which((id) => seats.get(id)!.here === 'home' && seats.get(id)!.done === null),
    away: which((id) => seats.get(id)!.here === 'away' && seats.get(id)!.done === null),
  };
}
