import type { ProgressEntry } from '../../core/bench';
import { forTablet, type SessionView, type TabletView } from '../../core/session';
import { inTransaction } from '../../data/database/transaction';
import { progressAfter } from '../../data/progress';
import { planOf, viewSession } from '../session/session';

/** All that a bench shows, and the server's clock, which it goes by. */
export interface BenchView {
  readonly view: SessionView | TabletView;
  /** Entries in order; where there are more than one answer holds, the event stream sends the rest. */
  readonly entries: readonly ProgressEntry[];
  readonly now: number;
}

/** The most bytes of entries in one answer. */
const MAX_ENTRY_BYTES = 120_000;

/** As many entries from the first as one answer holds. */
function firstEntries(entries: readonly ProgressEntry[]): readonly ProgressEntry[] {
  let bytes = 0;
  const end = entries.findIndex((entry) => (bytes += JSON.stringify(entry).length) > MAX_ENTRY_BYTES);
  return end < 0 ? entries : entries.slice(0, end);
}

/** Opens a session's bench, with the entries after the n-th; for a tablet, without what is personal. */
export function openBench(id: string, { after = 0, isTablet = false } = {}): Promise<BenchView> {
  return inTransaction(async (t) => {
    const view = await viewSession(id, t);
    return {
      view: isTablet
        ? forTablet(view, planOf(view))
        : { ...view, seats: view.seats.map((seat) => ({ ...seat, note: '' })), noted: {}, since: null },
      entries: firstEntries(await progressAfter(id, after, t)),
      now: Date.now(),
    };
  });
}
