import { countSessions } from '../../data/sessions';
import { inTransaction } from '../../data/database/transaction';

/** Whether the application can do its work now: it answers only when the database does. */
export function health(): Promise<{ app: 'lapboard'; sessions: number }> {
  return inTransaction(async (t) => ({ app: 'lapboard', sessions: await countSessions(t) }));
}
