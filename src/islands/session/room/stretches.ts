import { startOf, type PaceStep } from '../../../core/pace';
import type { RoomSeat, SeatTimes } from '../../../core/room';

/** What of a seat's time is drawn how: its name, the phases it stands for, and the tone and thickness of its cord. */
export const CORDS = [
  { key: 'before', name: 'settles, is shown', phases: [], className: 'stroke-base-300', width: 5 },
  { key: 'start', name: 'sets up', phases: ['prepare', 'set-up', 'start'], className: 'stroke-secondary', width: 9 },
  { key: 'knot', name: 'knots', phases: ['knot'], className: 'stroke-primary', width: 9 },
  { key: 'bead', name: 'beads', phases: ['bead'], className: 'stroke-info', width: 9 },
  { key: 'close', name: 'closes', phases: ['close'], className: 'stroke-success', width: 9 },
  { key: 'check', name: 'checks', phases: ['check', 'wear'], className: 'stroke-warning', width: 9 },
  { key: 'wait', name: 'waits', phases: [], className: 'stroke-base-content', width: 1.5 },
  { key: 'finish', name: 'finishes', phases: ['finish'], className: 'stroke-accent', width: 9 },
] as const;
type CordKey = (typeof CORDS)[number]['key'];

export interface Stretch {
  readonly key: CordKey;
  readonly from: number;
  readonly to: number;
}

/** What knots is drawn so, though the act that counts it also begins something. */
const cordOf = ({ phase, counts }: PaceStep): CordKey => {
  const own = CORDS.find(({ phases }) => (phases as readonly string[]).includes(phase))?.key ?? 'before';
  return own === 'start' && counts.length > 0 ? 'knot' : own;
};

/** Steps as stretches from one moment to another, each by its share of the minutes; those alike that follow each other as one. */
function between(steps: readonly PaceStep[], from: number, to: number): Stretch[] {
  const all = steps.reduce((sum, { minutes }) => sum + minutes, 0) || 1;
  const out: Stretch[] = [];
  let at = from;
  for (const step of steps) {
    const { minutes } = step;
    const end = at + (minutes / all) * (to - from);
    const key = cordOf(step);
    const last = out.at(-1);
    if (last?.key === key) out[out.length - 1] = { ...last, to: end };
    else if (minutes > 0) out.push({ key, from: at, to: end });
    at = end;
  }
  return out;
}

/** A seat's likely course as stretches, one after the other: its work between its turns at the flame, and those. */
export function stretchesOf(seat: RoomSeat, times: SeatTimes): Stretch[] {
  const tied = new Set(seat.tied ? startOf(seat) : []);
  const works = seat.steps.filter((step) => step.phase !== 'settle' && step.phase !== 'tidy' && !tied.has(step));
  const out: Stretch[] = [{ key: 'before', from: -seat.early, to: times.begins.p50 }];
  let from = times.begins.p50;
  let rest = works;
  for (const { ready, turn, back } of times.visits) {
    const station = rest.findIndex(({ at }) => at === 'station');
    out.push(...between(rest.slice(0, station), from, Math.max(from, ready.p50)));
    const begins = Math.max(turn.p50, ready.p50);
    out.push(
      { key: 'wait', from: ready.p50, to: begins },
      { key: 'finish', from: begins, to: Math.max(back.p50, begins) },
    );
    from = Math.max(back.p50, begins);
    rest = rest.slice(station + 1);
  }
  return [...out, ...between(rest, from, Math.max(from, times.done.p50))];
}
