import { PHASES } from '../pace';
import { luckOf } from './luck';
import type { Room, RoomSeat } from './room';
import { serve } from './station';

/** How many things go differently for a seat in a run: one for the person, one for each phase. */
const CHANCES = 1 + PHASES.length;
const SETTLE = PHASES.indexOf('settle');
const FINISH = PHASES.indexOf('finish');
/** What a seat does one after the other without waiting for anybody. */
const WORK = [...PHASES.keys()].filter((phase) => phase !== SETTLE && phase !== FINISH && PHASES[phase] !== 'tidy');

/** When each seat came to what it waits for in each run, a column of runs a seat; minutes from the session's start. */
export interface Runs {
  readonly begins: readonly Float64Array[];
  readonly ready: readonly Float64Array[];
  readonly turn: readonly Float64Array[];
  readonly done: readonly Float64Array[];
  /** The seats that finish at the flame. */
  readonly atFlame: readonly boolean[];
}

const usual = (seat: RoomSeat): number[] =>
  PHASES.map((phase) =>
    phase === 'set-up' && seat.tied
      ? 0
      : seat.phases.reduce((sum, own) => sum + (own.phase === phase ? own.minutes : 0), 0),
  );

/** Lets a room's time pass so many times. */
export function runRoom({ seats, servers, figures }: Room, runs: number, seed: number): Runs {
  const people = seats.length;
  const [person, own] = [Math.sqrt(figures.person_share), Math.sqrt(1 - figures.person_share)];
  const luck = seats.map(({ id }) => luckOf(id, seed, runs, CHANCES));
  const turns = luckOf('the flame', seed, runs, people).normal;
  const works = seats.map(usual);
  const atFlame = seats.map(({ phases }) => phases.some(({ at }) => at === 'station'));
  const column = (): Float64Array[] => seats.map(() => new Float64Array(runs));
  const [begins, ready, turn, done] = [column(), column(), column(), column()];
  const [coming, settled] = [new Float64Array(people), new Float64Array(people)];
  const takes = (i: number, phase: number, run: number): number => {
    const middle = works[i]![phase]!;
    if (middle === 0) return 0;
    const { normal } = luck[i]!;
    const z = person * normal[run * CHANCES]! + own * normal[run * CHANCES + 1 + phase]!;
    return middle * Math.exp(seats[i]!.spread * z);
  };

  /** Everybody comes and settles; when the showing is over that the room waits for. */
  const arrive = (run: number): number => {
    let settledAll = 0;
    for (let i = 0; i < people; i++) {
      const { even } = luck[i]!;
      const { early } = seats[i]!;
      const isLate = early === 0 && even[run * 2]! < figures.late_share;
      coming[i] = isLate ? -Math.log(1 - even[run * 2 + 1]!) * figures.late_minutes : -early;
      settled[i] = coming[i]! + takes(i, SETTLE, run);
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

  for (let run = 0; run < runs; run++) {
    const shown = arrive(run);
    const queue: number[] = [];
    for (let i = 0; i < people; i++) {
      let now = beginning(i, shown);
      begins[i]![run] = now;
      for (const phase of WORK) now += takes(i, phase, run);
      ready[i]![run] = now;
      if (atFlame[i]) queue.push(i);
      else done[i]![run] = now + takes(i, FINISH, run);
    }
    queue.sort((a, b) => ready[a]![run]! - ready[b]![run]!);
    const minutes = queue.map(
      (_, k) => figures.station_minutes * Math.exp(figures.station_spread * turns[run * people + k]!),
    );
    const served = serve(
      queue.map((i) => ready[i]![run]!),
      minutes,
      servers,
    );
    queue.forEach((i, k) => {
      turn[i]![run] = served.from[k]!;
      done[i]![run] = served.done[k]!;
    });
  }
  return { begins, ready, turn, done, atFlame };
}
