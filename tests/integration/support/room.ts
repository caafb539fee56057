import { randomUUID } from 'node:crypto';
import { openBench } from '../../../src/app/bench/open-bench';
import { addSeats } from '../../../src/app/session/seats';
import { createSession } from '../../../src/app/session/session';
import { today } from '../../../src/app/studio/clock';
import type { ProgressEntry, Said, What } from '../../../src/core/bench';

/** A session with a buckle band for each name. */
export const roomOf = async (held_on = today(), names = ['Ada', 'Bo']): Promise<{ id: string; seats: string[] }> => {
  const id = randomUUID();
  await createSession(id, { title: 'Tide club', held_on, minutes: 60 });
  const seats = names.map((name) => ({
    id: randomUUID(),
    name,
    wrist_mm: 165,
    wrist_method: 'tape' as const,
    project: 'band-buckle',
    cords: { whole: { cord: 'sheathed-4', colours: ['race'] } },
  }));
  await addSeats(id, seats);
  return { id, seats: seats.map((seat) => seat.id) };
};
/** Something said, under a key of its own. */
export const one = (seat: string | null, what: What, value: Said['value'] = null, ago_ms = 0): Said => ({
  key: randomUUID(),
  seat,
  what,
  value,
  ago_ms,
});
export const entriesOf = async (id: string): Promise<readonly ProgressEntry[]> => (await openBench(id)).entries;
