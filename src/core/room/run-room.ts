import { PHASES, spansOf, startOf, type Span } from '../pace';
import { luckOf } from './luck';
import type { Room, RoomSeat } from './room';
import { serve } from './station';

/** How many things go differently for a seat in a run: one for the person, one for each phase. */
const CHANCES = 1 + PHASES.length;
const SETTLE = PHASES.indexOf('settle');
/** As many turns at the flame to a seat have luck of their own, whatever is planned: plans are compared on the same luck. */
const TURNS = 3;

/** A turn of a seat at the flame, a column of runs each: when it is ready for it, when it is its turn, and when it is back. */
export interface Visit {
  readonly ready: Float64Array;
  readonly turn: Float64Array;
  readonly back: Float64Array;
}

/** When each seat came to what it waits for in each run; minutes from the session's start. */
export interface Runs {
  readonly begins: readonly Float64Array[];
  readonly visits: readonly (readonly Visit[])[];
  readonly done: readonly Float64Array[];
}

/** What a seat does once it has settled; what was tied beforehand takes nothing. */
function workOf(seat: RoomSeat): Span[] {
  const tied = new Set(seat.tied ? startOf(seat) : []);
  return spansOf(
    seat.steps.map((step) => (tied.has(step) || step.phase === 'settle' ? { ...step, minutes: 0 } : step)),
  );
}

/** Lets a room's time pass so many times. */
export function runRoom({ seats, servers, figures }: Room, runs: number, seed: number): Runs {
  const [person, own] = [Math.sqrt(figures.person_share), Math.sqrt(1 - figures.person_share)];
  const luck = seats.map(({ id }) => luckOf(id, seed, runs, CHANCES));
  const spans = seats.map(workOf);
  const settling = seats.map(({ steps }) =>
    steps.reduce((sum, step) => sum + (step.phase === 'settle' ? step.minutes : 0), 0),
  );
  // The phases that a seat has work in.
  const phases = spans.map((one) =>
    [...PHASES.keys()].filter((p) => p === SETTLE || one.some(({ minutes }) => minutes[p]! > 0)),
  );
  const turns = Math.max(TURNS * seats.length, ...spans.map((one) => one.length));
  const slower = luckOf('the flame', seed, runs, turns).normal;
  const column = (): Float64Array => new Float64Array(runs);
  const begins = seats.map(column);
  const done = seats.map(column);
  const visits = spans.map((one) =>
    one.slice(1).map((): Visit => ({ ready: column(), turn: column(), back: column() })),
  );
  const coming = new Float64Array(seats.length);
  const settled = new Float64Array(seats.length);
  const ready = new Float64Array(seats.length);
  const factors = new Float64Array(seats.length * PHASES.length);
  const visit = new Int32Array(seats.length);

  /** How much longer than planned each seat takes for each phase in a run. */
  const drawFactors = (run: number): void => {
    for (const [i, { normal }] of luck.entries()) {
      const { spread } = seats[i]!;
      const z = person * normal[run * CHANCES]!;
      for (const p of phases[i]!)
        factors[i * PHASES.length + p] = Math.exp(spread * (z + own * normal[run * CHANCES + 1 + p]!));
    }
  };
  /** When a seat is through with a span that it begins at a moment. */
  const through = (i: number, { minutes, idle }: Span, from: number): number => {
    let now = from + idle;
    for (const p of phases[i]!) now += minutes[p]! * factors[i * PHASES.length + p]!;
    return now;
  };

  /** Everybody comes and settles; when the showing is over that the room waits for. */
  const arrive = (run: number): number => {
    let settledAll = 0;
    for (let i = 0; i < seats.length; i++) {
      const { even } = luck[i]!;
      const { early } = seats[i]!;
      const isLate = early === 0 && even[run * 2]! < figures.late_share;
      coming[i] = isLate ? -Math.log(1 - even[run * 2 + 1]!) * figures.late_minutes : -early;
      settled[i] = coming[i]! + settling[i]! * factors[i * PHASES.length + SETTLE]!;
      // The room does not wait for those who are late, nor for those who have begun.
      if (!isLate && early === 0) settledAll = Math.max(settledAll, settled[i]!);
    }
    return settledAll + figures.showing_minutes;
  };
  /** When a seat begins: those before the room are shown on their own, those after it again. */
  const beginning = (i: number, shown: number): number => {
    const withRoom = Math.max(shown, settled[i]!);
    if (seats[i]!.early > 0) return Math.min(settled[i]! + figures.showing_minutes, withRoom);
    return coming[i]! > 0 ? Math.max(shown, settled[i]! + figures.again_minutes) : withRoom;
  };
  /** A seat is through with a span in a run: it waits for the flame, or is done. */
  const arrived = (i: number, run: number, now: number): number => {
    const isDone = spans[i]![visit[i]!]!.visit === null;
    if (isDone) done[i]![run] = now;
    return isDone ? Infinity : now;
  };

  for (let run = 0; run < runs; run++) {
    drawFactors(run);
    const shown = arrive(run);
    visit.fill(0);
    for (let i = 0; i < seats.length; i++) {
      begins[i]![run] = beginning(i, shown);
      ready[i] = arrived(i, run, through(i, spans[i]![0]!, begins[i]![run]!));
    }
    serve(
      ready,
      servers,
      (k, i) => spans[i]![visit[i]!]!.visit! * Math.exp(figures.station_spread * slower[run * turns + (k % turns)]!),
      ({ of: i, came, from, done: back }) => {
        const turnOf = visits[i]![visit[i]!]!;
        turnOf.ready[run] = came;
        turnOf.turn[run] = from;
        turnOf.back[run] = back;
        visit[i]! += 1;
        return arrived(i, run, through(i, spans[i]![visit[i]!]!, back));
      },
    );
  }
  return { begins, visits, done };
}
