import { FIRST_UNSENT, isOfRoom, type ProgressEntry, type What } from './progress';
import { undoneKeys } from './undo';

/** A seat's reported place at a moment: ties made, and its step. */
export interface Seen {
  readonly at: number;
  readonly made: number;
  readonly step: string | null;
}

/** A seat while the room works. Moments are milliseconds, by the server's clock. */
export interface SeatAtWork {
  readonly here: 'expected' | 'here' | 'away' | 'home';
  /** Ties made: half knots, or repeats where there are none. */
  readonly made: number;
  /** Each place that was reported, in order: its pace is calculated from these. */
  readonly seen: readonly Seen[];
  /** By how many steps its band was made longer at the table, shorter below zero. */
  readonly resized: number;
  /** The step it is at, as its course names it. */
  readonly step: string | null;
  /** Since when it waits for help, for its turn at the station, is there, and is done. */
  readonly help: number | null;
  readonly ready: number | null;
  readonly turn: number | null;
  readonly done: number | null;
  /** The table it sits at; null where nobody said. */
  readonly table: string | null;
  /** What it was rescued by. */
  readonly rescues: readonly string[];
  /** The entry that Undo takes back next. */
  readonly last: ProgressEntry | null;
}

/** The room while it works, as all that was said of it comes to. */
export interface Bench {
  readonly began: number | null;
  readonly closed: number | null;
  /** Since when it is paused. */
  readonly paused: number | null;
  /** The pauses, from and to; one that goes on ends at infinity. */
  readonly pauses: readonly (readonly [from: number, to: number])[];
  readonly seats: ReadonlyMap<string, SeatAtWork>;
  /** The last thing said of the room itself, for Undo. */
  readonly last: ProgressEntry | null;
}

const NOBODY: SeatAtWork = {
  here: 'expected',
  made: 0,
  seen: [],
  resized: 0,
  step: null,
  help: null,
  ready: null,
  turn: null,
  done: null,
  table: null,
  rescues: [],
  last: null,
};

/**
 * In the order of when it was said, whichever came first to the server, so that every device has the same; what the server has not taken yet
 * comes last, as it was pressed, whatever this device's clock says.
 */
const inOrder = (a: ProgressEntry, b: ProgressEntry): number => {
  if (a.n >= FIRST_UNSENT || b.n >= FIRST_UNSENT) return a.n - b.n;
  return a.at < b.at ? -1 : a.at > b.at ? 1 : a.n - b.n || (a.key < b.key ? -1 : 1);
};

const counted = (seat: SeatAtWork, made: number): SeatAtWork => ({ ...seat, made: Math.max(0, made), here: 'here' });

/** The entries that report a seat's place. */
const PLACES: ReadonlySet<What> = new Set(['made', 'length', 'step']);

/** A step's name. Entries of earlier versions have the step of the course and a slash before it. */
const stepNamed = (value: ProgressEntry['value']): string => String(value).split('/').at(-1)!;

/** A seat after something was said of it. */
function after(seat: SeatAtWork, entry: ProgressEntry, countAt: (mm: number) => number): SeatAtWork {
  const { what, value } = entry;
  const at = Date.parse(entry.at);
  switch (what) {
    case 'here':
    case 'away':
      return { ...seat, here: what };
    case 'home':
      return { ...seat, here: 'home', help: null, ready: null, turn: null };
    case 'made':
      return counted(seat, seat.made + Number(value));
    case 'length':
      return counted(seat, countAt(Number(value)));
    case 'resize':
      return { ...seat, here: 'here', resized: Number(value) };
    case 'step':
      // Whoever goes on after a turn at the flame is back from it.
      return {
        ...seat,
        here: 'here',
        step: stepNamed(value),
        ...(seat.turn !== null && { ready: null, turn: null }),
      };
    case 'help':
      return { ...seat, help: seat.help ?? at };
    case 'helped':
      return { ...seat, help: null };
    case 'ready':
      return { ...seat, here: 'here', ready: seat.ready ?? at };
    case 'turn':
      return { ...seat, ready: seat.ready ?? at, turn: at };
    case 'done':
      return { ...seat, here: 'here', help: null, ready: null, turn: null, done: at };
    case 'table':
      return { ...seat, table: String(value) };
    case 'rescue':
      return { ...seat, rescues: [...seat.rescues, String(value)] };
    default:
      return seat;
  }
}

/**
 * All that was said at the bench, put together; what was undone is as if it had not been said. The same whatever order it came in.
 *
 * @param countAt how many ties so much band is, mm, of a seat
 *
 * @example
 * benchOf([], () => 0).began // null
 */
export function benchOf(entries: readonly ProgressEntry[], countAt: (seat: string, mm: number) => number): Bench {
  const undone = undoneKeys(entries);
  const seats = new Map<string, SeatAtWork>();
  const places = new Map<string, Seen[]>();
  let began: number | null = null;
  let closed: number | null = null;
  let paused: number | null = null;
  let last: ProgressEntry | null = null;
  const pauses: [number, number][] = [];
  const goOn = (at: number): void => {
    if (paused !== null) pauses.push([paused, at]);
    paused = null;
  };
  for (const entry of entries.toSorted(inOrder)) {
    if (entry.what === 'undo' || undone.has(entry.key)) continue;
    const at = Date.parse(entry.at);
    if (entry.seat !== null) {
      const before = seats.get(entry.seat) ?? NOBODY;
      const now = after(before, entry, (mm) => countAt(entry.seat!, mm));
      const seen = places.get(entry.seat) ?? [];
      places.set(entry.seat, seen);
      if (PLACES.has(entry.what)) seen.push({ at, made: now.made, step: now.step });
      seats.set(entry.seat, { ...now, seen, last: entry });
      continue;
    }
    // What was said of a seat that is not there any more is nobody's.
    if (!isOfRoom(entry.what)) continue;
    last = entry;
    if (entry.what === 'begin') began ??= at;
    else if (entry.what === 'pause') paused ??= at;
    else if (entry.what === 'resume') goOn(at);
    else if (entry.what === 'close') {
      goOn(at);
      closed = at;
    }
  }
  if (paused !== null) pauses.push([paused, Infinity]);
  return { began, closed, paused, pauses, seats, last };
}

/**
 * How a seat is at work; one of whom nothing was said is expected.
 *
 * @example
 * seatAtWork(benchOf([], () => 0), 's').here // 'expected'
 */
export const seatAtWork = ({ seats }: Bench, id: string): SeatAtWork => seats.get(id) ?? NOBODY;

/**
 * Minutes worked from one moment to another: pauses of the room do not count.
 *
 * @example
 * workedMinutes({ pauses: [[60_000, 120_000]] }, 0, 180_000) // 2
 */
export function workedMinutes({ pauses }: Pick<Bench, 'pauses'>, from: number, to: number): number {
  const still = pauses.reduce((sum, [a, b]) => sum + Math.max(0, Math.min(b, to) - Math.max(a, from)), 0);
  return Math.max(0, to - from - still) / 60_000;
}

/** Somebody who waits, and since when. */
export interface Waiting {
  readonly seat: string;
  readonly since: number;
}

const waiting = (bench: Bench, of: (seat: SeatAtWork) => number | null): Waiting[] =>
  [...bench.seats]
    .flatMap(([seat, own]) => {
      const since = of(own);
      return since === null ? [] : [{ seat, since }];
    })
    .sort((a, b) => a.since - b.since || (a.seat < b.seat ? -1 : 1));

/**
 * Who waits for help, who waits for the station, and who is at it, each first come first.
 *
 * @example
 * queuesOf(benchOf([], () => 0)).help // []
 */
export function queuesOf(bench: Bench): { help: Waiting[]; ready: Waiting[]; turn: Waiting[] } {
  return {
    help: waiting(bench, ({ help }) => help),
    ready: waiting(bench, ({ ready, turn }) => (turn === null ? ready : null)),
    turn: waiting(bench, ({ turn }) => turn),
  };
}
