import { addSeats } from '../src/app/session/seats';
import { createSession, noteCut, openSession, planOf } from '../src/app/session/session';
import { plannedSeats, sayOfPieces, wrapUp } from '../src/app/records/say-records';
import { editPerson, findPeople } from '../src/app/people/people';
import { benchOf } from '../src/core/bench';
import { cutKey, cutsNow, type NewSeat } from '../src/core/seat';
import { packingOf, UNWRAPPED } from '../src/core/session';
import type { Skill } from '../src/core/studio';
import { makerOf, makes } from './makers';

/** Nothing was entered at the bench of these sessions. */
const NOT_WORKED = benchOf([], () => 0);

/** Somebody who came all year, with what they were when it began. */
interface Regular {
  readonly name: string;
  readonly age: number;
  readonly skill: Skill;
  readonly wrist: number;
  readonly hand?: number;
}

/** Children of the Saturday loft, and grown-ups of the slack-water evenings. */
const LOFT: readonly Regular[] = [
  { name: 'Elva Sparling', age: 9, skill: 'new', wrist: 143, hand: 176 },
  { name: 'Corin Weir', age: 10, skill: 'steady', wrist: 146, hand: 180 },
  { name: 'Juno Bankside', age: 8, skill: 'new', wrist: 137 },
  { name: 'Merrin Oar', age: 11, skill: 'steady', wrist: 150, hand: 185 },
  { name: 'Silas Ebbing', age: 9, skill: 'new', wrist: 141, hand: 175 },
  { name: 'Tilda Fenwater', age: 12, skill: 'steady', wrist: 153, hand: 190 },
  { name: 'Ansel Brine', age: 10, skill: 'new', wrist: 145 },
];
const SLACK_WATER: readonly Regular[] = [
  { name: 'Greta Holloway-Mudd', age: 41, skill: 'steady', wrist: 165, hand: 203 },
  { name: 'Anders Kelp', age: 33, skill: 'fluent', wrist: 178, hand: 220 },
  { name: 'Rosalind Penstock', age: 58, skill: 'new', wrist: 162, hand: 199 },
  { name: 'Bartholomew Sill', age: 66, skill: 'steady', wrist: 174 },
  { name: 'Noor Sandbank', age: 29, skill: 'new', wrist: 158, hand: 196 },
  { name: 'Ilse Groundsel', age: 47, skill: 'fluent', wrist: 160, hand: 198 },
];

/** What the sessions of the year made, in turn. */
const LOFT_PIECES = [
  ['band-buckle', 'sheathed-3'],
  ['fob-ring', 'sheathed-3'],
  ['class-band-bead', 'satin-2'],
  ['band-buckle', 'sheathed-4'],
] as const;
const EVENING_PIECES = [
  ['band-buckle', 'sheathed-4'],
  ['reversible-slider', 'satin-2'],
  ['band-loop-knot', 'sheathed-3'],
  ['fob-ring', 'sheathed-4'],
] as const;

const HELD = { loft: 11, evening: 10 };
const MONTH = 30;

interface Past {
  readonly title: string;
  readonly days: number;
  readonly starts_at: string;
  readonly place: string;
  readonly who: readonly Regular[];
  readonly piece: readonly [project: string, cord: string];
}

const past = (
  count: number,
  first: number,
  session: Omit<Past, 'days' | 'piece'>,
  pieces: typeof LOFT_PIECES | typeof EVENING_PIECES,
): Past[] =>
  Array.from({ length: count }, (_, i) => ({
    ...session,
    days: first + MONTH * (count - i),
    piece: pieces[i % pieces.length]!,
  }));

/** The year that is behind: oldest first. */
const YEAR: readonly Past[] = [
  ...past(HELD.loft, -9, { title: 'Saturday loft', starts_at: '10:00', place: 'Wheel loft', who: LOFT }, LOFT_PIECES),
  ...past(
    HELD.evening,
    -17,
    { title: 'Slack-water evening', starts_at: '18:30', place: 'Grain floor', who: SLACK_WATER },
    EVENING_PIECES,
  ),
].sort((a, b) => b.days - a.days);

/** The sessions of the year behind. */
export const historyIds = (idFor: (name: string) => string): string[] =>
  YEAR.map(({ title, days }) => idFor(`${title} ${days}`));

/** How much a child's wrist has grown a year, as the demo has it. */
const GREW = 3.6;
const grown = ({ age, wrist }: Regular, days: number): number =>
  Math.round(age < 16 ? wrist + (GREW * (365 - days)) / 365 : wrist);

const seatOf = ({ name, age, skill, hand, ...rest }: Regular, { days, piece }: Past, id: string): NewSeat => ({
  id,
  name,
  age,
  skill,
  wrist_mm: grown({ name, age, skill, ...rest }, days),
  wrist_method: 'tape',
  hand_mm: hand ?? null,
  project: piece[0],
  cords: Object.fromEntries((['whole', 'core', 'working'] as const).map((role) => [role, { cord: piece[1] }])),
});

/**
 * A year of sessions with what was noted of their pieces; what can be learned from them is learned when somebody looks.
 *
 * @param before an ISO date so many days before today
 * @param idFor an id by a name, the same at every load
 */
export async function loadHistory(before: (days: number) => string, idFor: (name: string) => string): Promise<void> {
  let seed = 1;
  for (const session of YEAR) {
    const { title, days, starts_at, place, who } = session;
    const held_on = before(days);
    const id = idFor(`${title} ${days}`);
    await createSession(id, { title, held_on, starts_at, minutes: 90, place, leader: 'Morwen Tidy' });
    // Nobody comes every time.
    const came = who.filter((_, i) => (i + Math.floor(days / MONTH)) % 5 !== 0);
    await addSeats(
      id,
      came.map((one) => seatOf(one, session, idFor(`${title} ${days} ${one.name}`))),
    );
    const opened = await openSession(id);
    if (!opened.session.cut_done)
      await noteCut(id, opened.session.version, true, cutsNow(planOf(opened).seats).map(cutKey));
    const view = await openSession(id);
    const planned = plannedSeats(view, NOT_WORKED);
    const records = view.seats.flatMap(({ id: seat, name }) => {
      const own = planned.get(seat);
      const maker = makerOf(who.findIndex((one) => one.name === name) + (who === LOFT ? 100 : 200));
      return own ? [{ key: idFor(`record ${seat}`), seat, said: makes(own, maker, seed++) }] : [];
    });
    await sayOfPieces(id, records);
    const { session: now } = await openSession(id);
    const { seats, figures } = planOf(view);
    if (!now.wrap)
      await wrapUp(id, now.version, {
        ...UNWRAPPED,
        tools: Object.fromEntries(
          packingOf(seats, figures).tools.map(({ tool, count }) => [tool, { out: count, in: count }]),
        ),
      });
  }
  // Who came all year was measured when it began.
  for (const child of LOFT) {
    const person = (await findPeople(child.name))[0]!;
    await editPerson(person.id, {
      version: person.version,
      changes: { wrist: { mm: child.wrist, method: 'tape', taken_on: before(340) } },
    });
  }
}
