import type { ProgressEntry } from '../../core/bench';
import type { SessionView } from '../../core/session';
import { inTransaction } from '../../data/database/transaction';
import { progressAfter } from '../../data/progress';
import { viewSession } from '../session/session';

/** All that a bench shows, and the server's clock, which it goes by. */
export interface BenchView {
  readonly view: SessionView;
  readonly entries: readonly ProgressEntry[];
  readonly now: number;
}

/** Opens a session's bench, with what was said after the n-th entry. What is noted of people beyond the work at the table stays away. */
export function openBench(id: string, after = 0): Promise<BenchView> {
  return inTransaction(async (t) => {
    const view = await viewSession(id, t);
    return {
      view: { ...view, seats: view.seats.map((seat) => ({ ...seat, note: '' })), noted: {}, since: null },
      entries: await progressAfter(id, after, t),
      now: Date.now(),
    };
  });
}
