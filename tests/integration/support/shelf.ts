import { randomUUID } from 'node:crypto';
import { expect } from 'vitest';
import { addSeats } from '../../../src/app/session/seats';
import { createSession, planOf } from '../../../src/app/session/session';
import type { SessionView } from '../../../src/core/session';
import { sessionStock } from '../../../src/app/kits/session-stock';
import { editItem, openItem } from '../../../src/app/shelf/shelf';
import { moveLot } from '../../../src/app/shelf/move-lot';
import { receiveStock } from '../../../src/app/shelf/receive';
import { solveLanes, type LanesProblem } from '../../../src/core/lanes';
import { cutsByItem, layShelfFirst, type Layout } from '../../../src/core/layout';
import { namedItem } from '../../../src/core/shelf';
import { database } from '../../../src/data/database/connection';

export const CORD = 'cord/sheathed-4/race';
export const BUCKLE = 'hardware/buckle-15';

/** One lot with so much in it; answers its id. */
export async function stock(item: string, amount: number, kind: 'spool' | 'pack' | 'bag' = 'spool'): Promise<string> {
  await receiveStock(randomUUID(), [{ item, lots: [{ kind, amount, place: 'Shelf 1', tare: null }], note: '' }]);
  const { lots } = await openItem(item);
  return lots.reduce((a, b) => (a.number > b.number ? a : b)).id;
}
export const balance = async (lot: string, item = CORD) => (await openItem(item)).lots.find(({ id }) => id === lot);
export const move = (lot: string, kind: 'issue' | 'waste' | 'return' | 'count', amount: number, key = randomUUID()) =>
  moveLot(lot, { key, kind, amount, note: '' });

/** A consumable or tool by its name, so many of it; of a consumable, how many seats one is enough for. */
export async function stockNamed(kind: 'consumable' | 'tool', name: string, amount: number, seats?: number) {
  const item = namedItem(kind, name);
  await receiveStock(randomUUID(), [
    { item, name, lots: [{ kind: 'bag', amount, place: 'Bench', tare: null }], note: '' },
  ]);
  const { line } = await openItem(item);
  if (seats) await editItem({ ...line.doc, seats }, line.version);
  return item;
}

/** Every balance and hold against the sums of its movements, and against its limits. */
export async function expectLedgerTrue(): Promise<void> {
  const [faults] = await database().query(`
    SELECT l.id FROM lots l LEFT JOIN movements m ON m.lot = l.id GROUP BY l.id
    HAVING l.hand <> coalesce(sum(m.hand), 0) OR l.held <> coalesce(sum(m.held), 0) OR l.hand < 0 OR l.held < 0 OR l.held > l.hand
    UNION ALL
    SELECT h.lot FROM holds h LEFT JOIN movements m ON m.lot = h.lot AND m.session_id = h.session_id
    GROUP BY h.session_id, h.lot HAVING h.held <> coalesce(sum(m.held), 0) OR h.held < 0`);
  expect(faults).toEqual([]);
}

export async function session(title: string, on: string, names: string[]): Promise<SessionView> {
  const id = randomUUID();
  await createSession(id, { title, held_on: on });
  return addSeats(
    id,
    names.map((name) => ({
      id: randomUUID(),
      name,
      wrist_mm: 165,
      wrist_method: 'tape' as const,
      project: 'band-buckle',
      cords: { whole: { cord: 'sheathed-4', colours: ['race'] } },
    })),
  );
}

/** The session's cuts laid out on what the shelf has, with packs to buy where it has too little. */
export async function layOut(view: SessionView, pack: number | null = 30_000): Promise<Layout> {
  const { lots } = await sessionStock(view.session.id);
  const { figures } = view.studio.settings;
  const solve = async (problem: LanesProblem) => solveLanes(problem, { seconds: 1, now: () => performance.now() });
  const laid = [...cutsByItem(planOf(view).seats)].map(async ([item, cuts]) => {
    const { lanes, bound_mm } = await layShelfFirst({ cuts, lots: lots[item]!, figures, pack }, solve);
    return { item, bound_mm, lanes: [...lanes] };
  });
  return Promise.all(laid);
}
