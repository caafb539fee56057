import { Type, type Static } from '@sinclair/typebox';

/** What is said of the whole room while it works. */
const ROOM_WHATS = ['begin', 'pause', 'resume', 'close'] as const;
/** What is said of a seat. */
const SEAT_WHATS = [
  'here',
  'away',
  'home',
  'made',
  'length',
  'resize',
  'step',
  'help',
  'helped',
  'ready',
  'turn',
  'done',
  'rescue',
  'table',
] as const;
/** All that can be said; `undo` takes back an entry of either kind, by its key. */
export const WHATS = [...ROOM_WHATS, ...SEAT_WHATS, 'undo'] as const;
export type What = (typeof WHATS)[number];

/** What a participant's own page may say, of its own seat. */
export const OWN_WHATS: ReadonlySet<What> = new Set(['made', 'resize', 'step', 'help', 'helped', 'ready', 'undo']);

const closed = { additionalProperties: false };
const Uuid = Type.String({ format: 'uuid' });
/** Further back than this nothing of a session's day was said. */
const DAY_MS = 24 * 3_600_000;

/** Entries that the server has not taken yet are numbered from here on; it numbers its own from 1. */
export const FIRST_UNSENT = 1_000_000_000;

/** Something said at the bench: it is added, never changed. `ago_ms` is how long ago by the device's own clock, which may be wrong. */
export const SayingSchema = Type.Object(
  {
    key: Uuid,
    seat: Type.Union([Uuid, Type.Null()]),
    what: Type.Unsafe<What>({ type: 'string', enum: [...WHATS] }),
    value: Type.Union([
      Type.Integer({ minimum: -20_000, maximum: 20_000 }),
      Type.String({ minLength: 1, maxLength: 80 }),
      Type.Null(),
    ]),
    ago_ms: Type.Integer({ minimum: 0, maximum: DAY_MS }),
  },
  closed,
);
export type Said = Static<typeof SayingSchema>;

/** An entry as it is kept: the n-th of its session, when by the server's clock, and from which device. */
export interface ProgressEntry extends Omit<Said, 'ago_ms'> {
  readonly n: number;
  readonly at: string;
  readonly by: string;
}

export const isOfRoom = (what: What): boolean => (ROOM_WHATS as readonly What[]).includes(what);

const NUMBERS: ReadonlySet<What> = new Set(['made', 'length', 'resize']);
const WORDS: ReadonlySet<What> = new Set(['step', 'rescue', 'table', 'undo']);

/**
 * What is wrong with something said, in words, or null: the room is nobody's seat, a count is a number, a step a word.
 *
 * @example
 * saidProblem({ key: 'k', seat: null, what: 'help', value: null, ago_ms: 0 }) // 'help is said of a seat'
 */
export function saidProblem({ seat, what, value }: Said): string | null {
  const ofRoom = isOfRoom(what);
  if (ofRoom && seat !== null) return `${what} is said of the room, not of a seat`;
  if (!ofRoom && what !== 'undo' && seat === null) return `${what} is said of a seat`;
  if (NUMBERS.has(what)) return typeof value === 'number' ? null : `${what} wants a whole number`;
  if (WORDS.has(what)) return typeof value === 'string' ? null : `${what} wants a word`;
  return value === null ? null : `${what} stands alone, without a value`;
}
