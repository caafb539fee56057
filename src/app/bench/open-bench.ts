import type { ProgressEntry } from '../../core/bench';
import { forTablet, type SessionView, type TabletView } from '../../core/session';
import { inTransaction } from '../../data/database/transaction';
import { progressAfter } from '../../data/progress';
import { plannedInTurn, planOf, viewSession } from '../session/session';

/** All that a bench shows, and the server's clock, which it goes by. */
export interface BenchView {
  readonly view: SessionView | TabletView;
  /** Entries in order; where there are more than one answer holds, the event stream sends the rest. */
  readonly entries: readonly ProgressEntry[];
  readonly now: number;
}

/** The most bytes of one answer, and of entries in it, however large the session itself is. */
const [MAX_ANSWER_BYTES, MIN_ENTRY_BYTES] = [195_000, 20_000];

/** As many entries from the first as one answer holds beside the session. */
function firstEntries(entries: readonly ProgressEntry[], room: number): readonly ProgressEntry[] {
  let bytes = 0;
  const most = Math.max(MIN_ENTRY_BYTES, room);
  const end = entries.findIndex((entry) => (bytes += JSON.stringify(entry).length + 1) > most);
  return end < 0 ? entries : entries.slice(0, end);
}

/** Opens a session's bench, with the entries after the n-th; for a tablet, without what is personal. */
export function openBench(id: string, { after = 0, isTablet = false } = {}): Promise<BenchView> {
  return inTransaction(async (t) => {
    const view = await plannedInTurn(await viewSession(id, t));
    const shown = isTablet
      ? forTablet(view, planOf(view))
      : { ...view, seats: view.seats.map((seat) => ({ ...seat, note: '' })), noted: {}, since: null };
    return {
      view: shown,
      entries: firstEntries(await progressAfter(id, after, t), MAX_ANSWER_BYTES - JSON.stringify(shown).length),
      now: Date.now(),
    };
  });
}
