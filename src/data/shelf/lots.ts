import type { Transaction } from 'sequelize';
import { LOT_KINDS, type LotKind } from '../../core/shelf';
import { number, orNull, text, truth, word, type RowOf } from '../database/columns';
import { run, select, selectOne, touched } from '../database/query';

const LOT = {
  id: text(),
  number: number(),
  item: text(),
  kind: word(LOT_KINDS),
  place: text(),
  /** Of what is written on it. */
  version: number(),
  tare: orNull(number('tare::float8')),
  hand: number(),
  held: number(),
  /** A pack that nothing was cut or taken from yet. */
  fresh: truth(
    `(kind = 'pack' AND NOT EXISTS (SELECT 1 FROM movements m WHERE m.lot = lots.id AND m.kind IN ('issue', 'waste')))`,
  ),
};
/** A lot as it stands. */
export type Lot = RowOf<typeof LOT>;

/** Lots with something in them of some items, longest first. */
export const lotsOf = (items: readonly string[], t: Transaction): Promise<Lot[]> =>
  select(LOT, 'FROM lots WHERE item = ANY($1::text[]) AND hand > 0 ORDER BY item, hand DESC, number', [[...items]], t);

export const findLot = (id: string, t: Transaction): Promise<Lot | null> =>
  selectOne(LOT, 'FROM lots WHERE id = $1', [id], t);

/** Lots by the numbers written on them. */
export const lotsNumbered = (numbers: readonly number[], t: Transaction): Promise<Lot[]> =>
  select(LOT, 'FROM lots WHERE number = ANY($1::int[])', [[...numbers]], t);

/** Lots by their ids, held until the transaction ends; always in one order, so that no two wait for each other. */
export const lockLots = (ids: readonly string[], t: Transaction): Promise<Lot[]> =>
  select(LOT, 'FROM lots WHERE id = ANY($1::uuid[]) ORDER BY id FOR UPDATE', [[...ids]], t);

export interface NewLot {
  readonly id: string;
  readonly item: string;
  readonly kind: LotKind;
  readonly place: string;
  readonly tare: number | null;
}

/** Adds empty lots; one whose id is there already is left. */
export async function insertLots(lots: readonly NewLot[], t: Transaction): Promise<void> {
  if (lots.length === 0) return;
  await run(
    `INSERT INTO lots (id, item, kind, place, tare)
       SELECT id, item, kind, place, tare FROM jsonb_to_recordset($1::jsonb)
         AS l(id uuid, item text, kind text, place text, tare numeric)
     ON CONFLICT (id) DO NOTHING`,
    [JSON.stringify(lots)],
    t,
  );
}

/** Changes what is written on a lot if it still has this version; false when it has not. */
export async function updateLot(
  id: string,
  version: number,
  changes: { readonly place: string; readonly tare: number | null },
  t: Transaction,
): Promise<boolean> {
  const count = await touched(
    'UPDATE lots SET place = $3, tare = $4, version = version + 1 WHERE id = $1 AND version = $2',
    [id, version, changes.place, changes.tare],
    t,
  );
  return count === 1;
}
