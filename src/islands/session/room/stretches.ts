import type { Phase } from '../../../core/pace';
import type { RoomSeat, SeatTimes } from '../../../core/room';

/** What of a seat's time is drawn how: its name, and the tone and thickness of its cord. */
export const CORDS = [
  { key: 'before', name: 'settles, is shown', className: 'stroke-base-300', width: 5 },
  { key: 'set-up', name: 'sets up', className: 'stroke-secondary', width: 9 },
  { key: 'knot', name: 'knots', className: 'stroke-primary', width: 9 },
  { key: 'beads', name: 'beads', className: 'stroke-info', width: 9 },
  { key: 'closure', name: 'closes', className: 'stroke-success', width: 9 },
  { key: 'check', name: 'checks', className: 'stroke-warning', width: 9 },
  { key: 'wait', name: 'waits', className: 'stroke-base-content', width: 1.5 },
  { key: 'finish', name: 'finishes', className: 'stroke-accent', width: 9 },
] as const;
type CordKey = (typeof CORDS)[number]['key'];

export interface Stretch {
  readonly key: CordKey;
  readonly from: number;
  readonly to: number;
}

/** A seat's likely course as stretches, one after the other, each phase by its share of the work between. */
export function stretchesOf(seat: RoomSeat, times: SeatTimes): Stretch[] {
  const { begins, ready, turn, done } = times;
  const works = seat.phases.filter(
    ({ phase, at }: Phase) =>
      at === 'seat' &&
      ['set-up', 'knot', 'beads', 'closure', 'check'].includes(phase) &&
      !(phase === 'set-up' && seat.tied),
  );
  const all = works.reduce((sum, { minutes }) => sum + minutes, 0) || 1;
  let from = begins.p50;
  const worked = works.map(({ phase, minutes }): Stretch => {
    const to = from + (minutes / all) * (ready.p50 - begins.p50);
    const own = { key: phase as CordKey, from, to };
    from = to;
    return own;
  });
  const finishes = turn ? Math.max(turn.p50, ready.p50) : ready.p50;
  return [
    { key: 'before', from: -seat.early, to: begins.p50 },
    ...worked,
    ...(turn ? [{ key: 'wait' as const, from: ready.p50, to: finishes }] : []),
    { key: 'finish', from: finishes, to: Math.max(done.p50, finishes) },
  ];
}
