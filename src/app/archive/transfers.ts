import { findTransfer, noteTransfer, startTransfer, type Transfer } from '../../data/archive';
import { inTransaction } from '../../data/database/transaction';
import { notFound } from '../../core/problem';

/** What an export or import says of how far it is. */
export interface Following {
  readonly start: (kind: 'export' | 'import', total: number | null) => Promise<void>;
  readonly add: (rows: number) => void;
  readonly end: (state: 'finished' | 'failed') => Promise<void>;
}

/** Nobody asks how far it is. */
export const noTransfer: Following = {
  start: () => Promise.resolve(),
  add: () => undefined,
  end: () => Promise.resolve(),
};

/** How often progress is noted, ms. */
const NOTE_MS = 500;

/** Notes how far a transfer is under the id that its page asks by. Progress that cannot be noted keeps nothing from being done. */
export function followTransfer(id: string): Following {
  let rows = 0;
  let notedAt = 0;
  const quietly = (work: Promise<void>): Promise<void> => work.catch(() => undefined);
  return {
    start: (kind, total) => quietly(inTransaction((t) => startTransfer(id, kind, total, t))),
    add: (more) => {
      rows += more;
      if (Date.now() - notedAt < NOTE_MS) return;
      notedAt = Date.now();
      void quietly(inTransaction((t) => noteTransfer(id, rows, 'running', t)));
    },
    end: (state) => quietly(inTransaction((t) => noteTransfer(id, rows, state, t))),
  };
}

/** How far a transfer is. */
export const openTransfer = (id: string): Promise<Transfer> =>
  inTransaction(async (t) => {
    const found = await findTransfer(id, t);
    if (!found) throw notFound('transfer');
    return found;
  });
