import { SHIPPED } from '../../../catalogue';
import { NOT_BEGUN } from '../../../src/core/bench';
import { PLAIN_ROOM, type SessionView } from '../../../src/core/session';
import type { SeatRecord } from '../../../src/core/seat';
import { STARTING_FIGURES } from '../../../src/core/studio';

/** The same id for the same name. */
export const idOf = (name: string): string =>
  `00000000-0000-4000-8000-${Buffer.from(name.padEnd(6).slice(0, 6)).toString('hex')}`;

/** A stored seat with nothing special about it, changed as a test needs. */
export const seatRecord = (changes: Partial<SeatRecord> & { name: string }): SeatRecord => ({
  id: idOf(changes.name),
  person_id: idOf(`p${changes.name}`),
  position: 0,
  age: 31,
  avoid: [],
  skill: 'steady',
  wrist_mm: 165,
  wrist_method: 'tape',
  wrist_on: '2030-01-01',
  hand_mm: null,
  ease: 'easy',
  project: 'band-buckle',
  project_revision: SHIPPED.projects['band-buckle']!.revision,
  band_mm: null,
  options: {},
  cords: { whole: { cord: 'sheathed-4', colours: ['race'] } },
  school: null,
  accepted: false,
  wishes: [],
  note: '',
  made: null,
  version: 1,
  person_version: 1,
  ...changes,
});

/** A session with nobody in it, as the server sends it. */
export const exampleView = (): SessionView => ({
  session: {
    id: idOf('s'),
    version: 1,
    title: 'Tide club',
    held_on: '2030-05-04',
    starts_at: null,
    minutes: null,
    place: '',
    school: null,
    leader: '',
    room: PLAIN_ROOM,
    cut_done: null,
    lanes: null,
    kits: null,
    wrap: null,
  },
  noted: {},
  since: null,
  bench: NOT_BEGUN,
  seats: [],
  studio: {
    mark: 'a',
    made_at: '2030-01-01T00:00:00.000Z',
    version: 1,
    settings: { name: 'Mill', units: 'cm', paper: 'a4', school: 'measured', figures: STARTING_FIGURES },
    catalogue: SHIPPED,
  },
});
