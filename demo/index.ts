import { createHash } from 'node:crypto';
import { findPeople, editPerson } from '../src/app/people/people';
import { addSeats } from '../src/app/session/seats';
import { FIRST_NAME } from '../src/app/studio/studio';
import { createSession, noteCut, openSession, planOf } from '../src/app/session/session';
import { editSettings, openSettings } from '../src/app/studio/settings';
import { cutKey, cutsNow } from '../src/core/seat';
import { countSessionsBut } from '../src/data/sessions';
import { inTransaction } from '../src/data/database/transaction';
import { editItem, openItem } from '../src/app/shelf/shelf';
import { receiveStock } from '../src/app/shelf/receive';
import { sayAtBench } from '../src/app/bench/say';
import { SLUICE_BENCH } from './bench';
import { historyIds, loadHistory } from './history';
import { MILL_SHELF } from './stock';
import { HARBOUR_FAIR, MILL_CLUB, SLUICE_HOUSE, TIDE_CLUB } from './people';

/** The same id for the same name at every load, so that addresses in the demo stay. */
function idFor(name: string): string {
  const hex = createHash('sha256').update(name).digest('hex');
  return `${hex.slice(0, 8)}-${hex.slice(8, 12)}-4${hex.slice(13, 16)}-8${hex.slice(17, 20)}-${hex.slice(20, 32)}`;
}

/** An ISO date so many days after another. */
function after(day: string, days: number): string {
  return new Date(Date.parse(day) + days * 86_400_000).toISOString().slice(0, 10);
}

export const DEMO_SESSIONS = {
  now: idFor('sluice house'),
  club: idFor('mill club'),
  evening: idFor('tide club'),
  fair: idFor('harbour fair'),
};

const NAME = 'Wendmere Tidal Mill Arts Trust';

/**
 * Fills an empty studio with the demo: the tidal mill's arts trust, its sessions, and the year behind them. Does nothing once it is done, nor where
 * there is any other session; cut off half-way, it goes on where it stopped. One of the sessions is under way, since `began`.
 */
export async function loadDemo(today: string, began = '14:00'): Promise<void> {
  const { settings, version } = await openSettings();
  const own = [...Object.values(DEMO_SESSIONS), ...historyIds(idFor)];
  const others = await inTransaction((t) => countSessionsBut(own, t));
  if (settings.name !== FIRST_NAME || others > 0) return;

  const sessions = [
    {
      id: DEMO_SESSIONS.now,
      title: 'Sluice house lunch hour',
      days: 0,
      starts_at: began,
      minutes: 45,
      place: 'Sluice house',
      leader: 'Morwen Tidy',
      seats: SLUICE_HOUSE,
    },
    {
      id: DEMO_SESSIONS.club,
      title: 'Mill club',
      days: 2,
      starts_at: '10:00',
      minutes: 90,
      place: 'Wheel loft',
      seats: MILL_CLUB,
    },
    {
      id: DEMO_SESSIONS.evening,
      title: 'Tide club evening',
      days: 6,
      starts_at: '18:30',
      minutes: 75,
      place: 'Grain floor',
      seats: TIDE_CLUB,
    },
    {
      id: DEMO_SESSIONS.fair,
      title: 'Harbour fair drop-in',
      days: 17,
      starts_at: '11:00',
      minutes: 60,
      place: 'Fair tent, quay',
      seats: HARBOUR_FAIR,
    },
  ];
  for (const { id, title, days, seats, ...rest } of sessions) {
    await createSession(id, { title, held_on: after(today, days), ...rest });
    await addSeats(
      id,
      seats.map((seat, i) => ({ ...seat, id: idFor(`${title} ${i}`) })),
    );
  }

  // A child who comes every month grows: earlier wrists of the first in the club.
  for (const [days, mm] of [
    [-200, 141],
    [-90, 144],
  ] as const) {
    const person = (await findPeople('Wren Ashlock'))[0]!;
    await editPerson(person.id, {
      version: person.version,
      changes: { wrist: { mm, method: 'tape', taken_on: after(today, days) } },
    });
  }

  await receiveStock(
    idFor('stock'),
    MILL_SHELF.map(({ item, name, kind, amounts, place, tare = null }) => ({
      item,
      name,
      note: 'stock when the shelf was set up',
      lots: amounts.map((amount) => ({ kind, amount, place, tare })),
    })),
  );

  // A bag a seat, bought by the hundred.
  const { line } = await openItem('consumable/kit-bag');
  await editItem({ ...line.doc, seats: 1, pack: 100, price: 450, lead_days: 5 }, line.version);

  await loadHistory((days) => after(today, -days), idFor);

  for (const id of [DEMO_SESSIONS.now, DEMO_SESSIONS.club]) {
    const opened = await openSession(id);
    const cuts = cutsNow(planOf(opened).seats);
    await noteCut(id, opened.session.version, true, cuts.map(cutKey));
  }
  await sayAtBench(
    DEMO_SESSIONS.now,
    SLUICE_BENCH.map(([ago, seat, what, value = null], i) => ({
      key: idFor(`sluice bench ${i}`),
      seat: seat === null ? null : idFor(`Sluice house lunch hour ${seat}`),
      what,
      value,
      ago_ms: ago * 60_000,
    })),
    'desk',
  );
  await editSettings(version, { ...settings, name: NAME, region: 'en-IE', currency: 'EUR' });
}
