import type { Transaction } from 'sequelize';
import { MOVEMENTS, type Balance, type Change, type MovementKind } from '../../core/shelf';
import { number, orNull, text, truth, word, type RowOf } from '../database/columns';
import { textsByCursor } from '../database/cursor';
import { select, selectOne, selectValue, touched } from '../database/query';
import type { Lot } from './lots';

const LINE = {
  id: text('m.id'),
  made_at: text(`to_char(m.made_at AT TIME ZONE 'UTC', 'YYYY-MM-DD"T"HH24:MI:SS.MS"Z"')`),
  kind: word(MOVEMENTS, 'm.kind'),
  lot: text('m.lot'),
  number: number('l.number'),
  item: text('l.item'),
  hand: number('m.hand'),
  held: number('m.held'),
  session_id: orNull(text('m.session_id')),
  session: orNull(text('s.title')),
  note: text('m.note'),
  undoes: orNull(text('m.undoes')),
  undone: truth('EXISTS (SELECT 1 FROM movements u WHERE u.undoes = m.id)'),
};
/** One line of the ledger. */
export type LedgerLine = RowOf<typeof LINE>;
const LINES = 'FROM movements m JOIN lots l ON l.id = m.lot LEFT JOIN sessions s ON s.id = m.session_id';

/** A movement to book. `key` makes it happen once, however often it is sent. */
export interface NewMovement extends Change {
  readonly key: string;
  readonly kind: MovementKind;
  readonly lot: string;
  readonly session_id: string | null;
  readonly note: string;
  readonly undoes: string | null;
}

/** Books movements; answers how many were new. */
export async function insertMovements(movements: readonly NewMovement[], t: Transaction): Promise<number> {
  if (movements.length === 0) return 0;
  return touched(
    `INSERT INTO movements (key, kind, lot, hand, held, session_id, note, undoes)
       SELECT key, kind, lot, hand, held, session_id, note, undoes FROM jsonb_to_recordset($1::jsonb)
         AS m(key uuid, kind text, lot uuid, hand int, held int, session_id uuid, note text, undoes bigint)
     ON CONFLICT (key) DO NOTHING`,
    [JSON.stringify(movements)],
    t,
  );
}

/** Which of these keys are booked already. */
export async function bookedKeys(keys: readonly string[], t: Transaction): Promise<Set<string>> {
  const rows = await select({ key: text() }, 'FROM movements WHERE key = ANY($1::uuid[])', [[...keys]], t);
  return new Set(rows.map((row) => row.key));
}

const HOLD = { session_id: text('h.session_id'), lot: text('h.lot'), item: text('l.item'), held: number('h.held') };
/** What a session holds of a lot. */
export type Hold = RowOf<typeof HOLD>;

/** What one session holds, or all of them do. */
export const holdsOf = (session: string | null, t: Transaction): Promise<Hold[]> =>
  select(
    HOLD,
    'FROM holds h JOIN lots l ON l.id = h.lot WHERE h.held > 0 AND ($1::uuid IS NULL OR h.session_id = $1)',
    [session],
    t,
  );

/** How a lot stands for a session. */
export async function balanceOf({ id, hand, held }: Lot, session: string | null, t: Transaction): Promise<Balance> {
  const { mine } = await selectValue(
    { mine: number('coalesce(sum(held), 0)::float8') },
    'FROM holds WHERE session_id = $1 AND lot = $2',
    [session, id],
    t,
  );
  return { hand, held, mine };
}

/** The ledger, newest first: of a lot, of a session, or all of it; `before` an id for the next page. */
export const ledger = (
  of: { readonly lot?: string; readonly session?: string; readonly before?: string },
  limit: number,
  t: Transaction,
): Promise<LedgerLine[]> =>
  select(
    LINE,
    `${LINES}
      WHERE ($1::uuid IS NULL OR m.lot = $1) AND ($2::uuid IS NULL OR m.session_id = $2) AND ($3::bigint IS NULL OR m.id < $3)
      ORDER BY m.id DESC LIMIT $4`,
    [of.lot ?? null, of.session ?? null, of.before ?? null, limit],
    t,
  );

/** A movement as an export has it. */
export interface ExportedMovement {
  readonly id: number;
  readonly made_at: string;
  readonly kind: string;
  readonly lot: number;
  readonly item: string;
  readonly on_hand: number;
  readonly reserved: number;
  readonly session: string | null;
  readonly note: string;
  readonly undoes: number | null;
}

/** Every movement as JSON text, oldest first, in batches. */
export const ledgerTexts = (t: Transaction): AsyncGenerator<readonly string[]> =>
  textsByCursor(
    `jsonb_build_object('id', m.id, 'made_at', ${LINE.made_at.sql}, 'kind', m.kind, 'lot', l.number, 'item', l.item,
       'on_hand', m.hand, 'reserved', m.held, 'session', s.title, 'note', m.note, 'undoes', m.undoes)::text`,
    `${LINES} ORDER BY m.id`,
    t,
  );

export const findMovement = (id: string, t: Transaction): Promise<LedgerLine | null> =>
  selectOne(LINE, `${LINES} WHERE m.id = $1`, [id], t);
