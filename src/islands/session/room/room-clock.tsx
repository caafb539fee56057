import type { Phase } from '../../../core/pace';
import type { Room, RoomSeat, RoomTimes, SeatTimes } from '../../../core/room';
import { chanceWords, clockTime, isUnlikely } from './clock-words';

/** What of a seat's time is drawn how: its name, and the tone and thickness of its cord. */
const CORDS = [
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

interface Stretch {
  readonly key: CordKey;
  readonly from: number;
  readonly to: number;
}

/** A seat's likely course as stretches, one after the other, each phase by its share of the work between. */
function stretchesOf(seat: RoomSeat, times: SeatTimes): Stretch[] {
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

const ROW = 26;
/** On a narrow screen what is drawn has a line of its own under the words. */
const GAP =
  'grid grid-cols-[9rem_1fr_4rem_4.5rem] items-center gap-x-3 max-sm:grid-cols-[1fr_4rem_4.5rem] [&>*:nth-child(2)]:max-sm:order-last [&>*:nth-child(2)]:max-sm:col-span-3';

/** The session's minutes: a row a seat, its phases as lengths of cord, the queue for the flame under them, closing time as a line. */
export function RoomClock({
  room,
  times,
  startsAt,
  onSelect,
}: {
  room: Room;
  times: RoomTimes;
  startsAt: string | null;
  onSelect: (id: string) => void;
}) {
  const from = Math.min(0, ...room.seats.map(({ early }) => -early));
  const to = Math.max(room.minutes + 5, ...times.seats.map(({ done }) => done.p90)) + 2;
  const step = to - from > 150 ? 30 : to - from > 75 ? 15 : 10;
  // Marks stand at round times of the clock.
  const past = startsAt === null ? 0 : Number(startsAt.slice(3)) % step;
  const first = Math.ceil((from + past) / step) * step - past;
  const ticks = Array.from({ length: Math.floor((to - first) / step) + 1 }, (_, i) => first + i * step);
  const most = Math.max(1, ...times.queue.map(({ p90 }) => p90));
  const box = { viewBox: `${from} 0 ${to - from} ${ROW}`, preserveAspectRatio: 'none' as const, 'aria-hidden': true };
  const line = { vectorEffect: 'non-scaling-stroke' as const };
  const closing = (height = ROW) => (
    <line x1={room.minutes} x2={room.minutes} y1={0} y2={height} className="stroke-accent" strokeWidth={2} {...line} />
  );
  const flame = times.seats.some(({ turn }) => turn);
  return (
    <figure className="px-4">
      <figcaption className="flex flex-wrap gap-x-4 gap-y-1 py-1 text-sm">
        {CORDS.filter(({ key }) => flame || key !== 'wait').map(({ key, name, className, width }) => (
          <span key={key} className="flex items-center gap-1.5">
            <svg viewBox="0 0 22 10" width={22} height={10} aria-hidden="true">
              <line
                x1={0}
                x2={22}
                y1={5}
                y2={5}
                className={className}
                strokeWidth={width}
                strokeDasharray={key === 'wait' ? '3 3' : undefined}
              />
            </svg>
            {name}
          </span>
        ))}
        <span className="flex items-center gap-1.5">
          <svg viewBox="0 0 22 10" width={22} height={10} aria-hidden="true">
            <path d="M 1 2 V 8 M 1 5 H 21 M 21 2 V 8" className="fill-none stroke-base-content" strokeWidth={1.2} />
          </svg>
          done, eight times in ten
        </span>
      </figcaption>
      <div className={`${GAP} text-xs`}>
        <span />
        <div className="relative h-5">
          {ticks.map((tick) => (
            <span
              key={tick}
              className="absolute -translate-x-1/2 tabular-nums"
              style={{ left: `${(100 * (tick - from)) / (to - from)}%` }}
            >
              {startsAt === null ? tick : clockTime(startsAt, tick)}
            </span>
          ))}
        </div>
        <span className="text-right font-semibold">Done</span>
        <span className="text-right font-semibold">In time</span>
      </div>
      <ul>
        {room.seats.map((seat, i) => {
          const own = times.seats[i]!;
          return (
            <li key={seat.id} className={`${GAP} border-t hair text-sm`}>
              <button
                type="button"
                className="truncate py-0.5 text-left hover:underline"
                onClick={() => onSelect(seat.id)}
              >
                {seat.label}
              </button>
              <svg {...box} className="block w-full" style={{ height: ROW }}>
                {ticks.map((tick) => (
                  <line
                    key={tick}
                    x1={tick}
                    x2={tick}
                    y1={0}
                    y2={ROW}
                    className="stroke-base-200"
                    strokeWidth={1}
                    {...line}
                  />
                ))}
                {closing()}
                {stretchesOf(seat, own).map(({ key, from: x1, to: x2 }) => {
                  const cord = CORDS.find((known) => known.key === key)!;
                  return (
                    <line
                      key={key}
                      x1={x1}
                      x2={x2}
                      y1={ROW * 0.42}
                      y2={ROW * 0.42}
                      className={cord.className}
                      strokeWidth={cord.width}
                      strokeDasharray={key === 'wait' ? '3 3' : undefined}
                      {...line}
                    />
                  );
                })}
                <path
                  d={`M ${own.done.p10} ${ROW * 0.72} v ${ROW * 0.2} m 0 ${-ROW * 0.1} H ${own.done.p90} m 0 ${-ROW * 0.1} v ${ROW * 0.2}`}
                  className="fill-none stroke-base-content"
                  strokeWidth={1.2}
                  {...line}
                />
              </svg>
              <span className="text-right tabular-nums">{clockTime(startsAt, own.done.p50)}</span>
              <span className={`text-right tabular-nums ${isUnlikely(own.finishes) ? 'font-semibold text-error' : ''}`}>
                {chanceWords(own.finishes)}
              </span>
            </li>
          );
        })}
      </ul>
      {flame && (
        <div className={`${GAP} border-t-2 border-base-content text-sm`}>
          <span className="py-1">
            At the flame
            <span className="quiet block text-xs">waiting, and one time in ten more</span>
          </span>
          <svg
            viewBox={`${from} 0 ${to - from} 44`}
            preserveAspectRatio="none"
            className="block w-full"
            style={{ height: 44 }}
            aria-hidden="true"
          >
            {times.queue.map(({ minute, mean, p90 }) => (
              <g key={minute}>
                <rect
                  x={minute}
                  width={1}
                  y={44 - (40 * p90) / most}
                  height={(40 * p90) / most}
                  className="fill-accent"
                  fillOpacity={0.25}
                />
                <rect
                  x={minute}
                  width={1}
                  y={44 - (40 * mean) / most}
                  height={(40 * mean) / most}
                  className="fill-accent"
                />
              </g>
            ))}
            {closing(44)}
          </svg>
          <span className="col-span-2 text-right text-xs">
            longest wait about {Math.round(times.longest.p50)} min, up to {Math.round(times.longest.p90)}
          </span>
        </div>
      )}
    </figure>
  );
}
