import type { Room, RoomTimes } from '../../../core/room';
import { chanceWords, clockTime, isUnlikely } from './clock-words';
import { CORDS, stretchesOf } from './stretches';

/** At most so much of the session's own time is drawn. */
const PAST = 1.6;
/** Minutes between the marks, and at most how many there are. */
const STEPS = [5, 10, 15, 30, 60];
const MARKS = 7;
/** Closer to the end than this share, a time is written before its mark: on a phone it would stand out of the page. */
const EDGE = 0.06;
const ROW = 26;
/** On a narrow screen what is drawn has a line of its own under the words. */
const GAP =
  'grid grid-cols-[9rem_1fr_4rem_5.5rem] items-center gap-x-3 max-sm:grid-cols-[1fr_4rem_5.5rem] [&>*:nth-child(2)]:max-sm:order-last [&>*:nth-child(2)]:max-sm:col-span-3';

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
  // Who takes far longer than there is time runs off the edge: the others are not pressed together for it.
  const last = Math.max(room.minutes + 5, ...times.seats.map(({ done }) => done.p90)) + 2;
  const to = Math.min(last, from + (room.minutes - from) * PAST);
  const step = STEPS.find((minutes) => (to - from) / minutes <= MARKS) ?? STEPS.at(-1)!;
  // Marks stand at round times of the clock.
  const past = startsAt === null ? 0 : Number(startsAt.slice(3)) % step;
  const first = Math.ceil((from + past) / step) * step - past;
  const ticks = Array.from({ length: Math.floor((to - first) / step) + 1 }, (_, i) => first + i * step);
  const marks = ticks.map((tick) => `M ${tick} 0 V ${ROW}`).join(' ');
  const most = Math.max(1, ...times.queue.map(({ p90 }) => p90));
  const box = { viewBox: `${from} 0 ${to - from} ${ROW}`, preserveAspectRatio: 'none' as const, 'aria-hidden': true };
  const line = { vectorEffect: 'non-scaling-stroke' as const };
  const closing = (height = ROW) => (
    <line x1={room.minutes} x2={room.minutes} y1={0} y2={height} className="stroke-accent" strokeWidth={2} {...line} />
  );
  const flame = times.seats.some(({ visits }) => visits.length > 0);
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
              className={`absolute tabular-nums ${to - tick < (to - from) * EDGE ? '-translate-x-full' : '-translate-x-1/2'}`}
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
                <path d={marks} className="stroke-base-200" strokeWidth={1} {...line} />
                {closing()}
                {stretchesOf(seat, own).map(({ key, from: x1, to: x2 }, place) => {
                  const cord = CORDS.find((known) => known.key === key)!;
                  return (
                    <line
                      key={place}
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
              <span className="text-right tabular-nums">
                {own.done.p50 > to && <span aria-hidden="true">→ </span>}
                {clockTime(startsAt, own.done.p50)}
              </span>
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
