import type { Figures } from '../../studio';
import { indexed } from './indexed';
import { fitUse } from './learn-use';
import { seenUse } from './seen-use';
import type { YieldRecord } from '../yield-record';

/** How far off the use of sessions is foretold, from so many other sessions: the mean of how far, as a share. */
export interface Foresight {
  readonly sessions: number;
  readonly records: number;
  readonly off: number;
}

/** As many of the latest sessions are foretold, and as many records are learned from, as take a moment. */
const [FORETOLD, MOST] = [20, 4000];
const STEPS = [0, 1, 2, 3, 5, 8, 12, 16, 24, 36, 52];

/**
 * How well use is foretold, one session left out: each of the latest sessions is foretold from the first so many of the others, and what
 * its pieces really used is held against that. From none it is geometry. The middle of how far they lie off, so that a
 * misread tape does not count as a bad forecast.
 *
 * @param records oldest first
 *
 * @example
 * foresight([], figures) // []
 */
export function foresight(records: readonly YieldRecord[], figures: Figures): Foresight[] {
  const bySession = new Map<string, YieldRecord[]>();
  for (const record of records) {
    const together = bySession.get(record.session) ?? [];
    together.push(record);
    bySession.set(record.session, together);
  }
  const all = [...bySession.keys()];
  if (all.length < 2) return [];
  const foretold = all.slice(-FORETOLD);
  return [...STEPS.filter((step) => step < all.length - 1), all.length - 1].map((sessions) => {
    let learnedFrom = 0;
    const off = foretold.flatMap((out) => {
      const others = all.filter((one) => one !== out).slice(0, sessions);
      const known = others.flatMap((one) => bySession.get(one)!).slice(-MOST);
      learnedFrom = Math.max(learnedFrom, known.length);
      const { effects, effectsOf } = fitUse(indexed(known), figures);
      return bySession.get(out)!.flatMap((record) =>
        seenUse(record, figures)
          .filter(({ censored }) => !censored)
          .map(({ stitch, cord, y }) =>
            Math.abs(Math.exp(y - effects.of(effectsOf(stitch, cord, record.planned.skill)).mean) - 1),
          ),
      );
    });
    const sorted = off.sort((a, b) => a - b);
    return { sessions, records: learnedFrom, off: sorted[Math.floor(sorted.length / 2)] ?? 0 };
  });
}
