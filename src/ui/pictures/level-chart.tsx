import { differenceInCalendarDays, format, parseISO } from 'date-fns';
import type { Units } from '../../core/measure';
import type { Level } from '../../core/shelf';
import { amountOf } from '../words/amount';

const WIDE = 560;
const HIGH = 150;
const LEFT = 74;
const RIGHT = 16;
const TOP = 12;
const BOTTOM = 24;
/** The least room, in the drawing's units, that a date needs to be read. */
const LABEL = 52;

/** The days whose labels fit beside each other, the first first. */
function labelled(places: readonly number[]): boolean[] {
  let last = -Infinity;
  return places.map((x) => {
    if (x - last < LABEL) return false;
    last = x;
    return true;
  });
}

/** The level of an item over the days ahead, a step at each session and delivery; below the line, what is missing. */
export function LevelChart({
  item,
  hand,
  levels,
  today,
  units,
}: {
  item: string;
  hand: number;
  levels: readonly Level[];
  today: string;
  units: Units;
}) {
  const after = (on: string): number => Math.max(0, differenceInCalendarDays(parseISO(on), parseISO(today)));
  // A little past the last, so that the level it leaves is seen.
  const days = 1.08 * Math.max(1, ...levels.map(({ on }) => after(on)));
  const [low, high] = [
    Math.min(0, ...levels.map((one) => one.level)),
    Math.max(hand, ...levels.map((one) => one.level)),
  ];
  const x = (on: string): number => LEFT + (after(on) / days) * (WIDE - LEFT - RIGHT);
  const y = (level: number): number => TOP + ((high - level) / Math.max(1, high - low)) * (HIGH - TOP - BOTTOM);
  const steps = levels.map(({ on, level }) => `H ${x(on).toFixed(1)} V ${y(level).toFixed(1)}`).join(' ');
  const line = `M ${LEFT} ${y(hand).toFixed(1)} ${steps} H ${WIDE - RIGHT}`;
  const dates = [...new Set(levels.map(({ on }) => on))];
  const shown = labelled(dates.map(x));
  return (
    <svg viewBox={`0 0 ${WIDE} ${HIGH}`} className="block w-full max-w-2xl" aria-hidden="true">
      <g className="fill-base-content" fontSize={12} textAnchor="end">
        <text x={LEFT - 8} y={y(high) + 4}>
          {amountOf(item, high, units)}
        </text>
        {high > 0 && (
          <text x={LEFT - 8} y={y(0) + 4}>
            none
          </text>
        )}
        {low < 0 && (
          <text x={LEFT - 8} y={y(low) + 4} className="fill-error">
            −{amountOf(item, -low, units, 'needed')}
          </text>
        )}
      </g>
      {low < 0 && (
        <path d={`${line} V ${y(0)} H ${LEFT} Z`} className="fill-error/15" clipPath={`inset(${y(0)}px 0 0 0)`} />
      )}
      <line x1={LEFT} x2={WIDE - RIGHT} y1={y(0)} y2={y(0)} className="stroke-base-content" strokeWidth={1} />
      <path d={line} className="fill-none stroke-primary" strokeWidth={2} />
      {levels.map(({ on, level, by }, i) =>
        by === null ? (
          <path
            key={i}
            d={`M ${x(on)} ${y(level) - 6} l 5 9 h -10 z`}
            className="fill-base-100 stroke-primary"
            strokeWidth={1.5}
          >
            <title>Delivery</title>
          </path>
        ) : (
          <circle
            key={i}
            cx={x(on)}
            cy={y(level)}
            r={4}
            className={level < 0 ? 'fill-base-100 stroke-error' : 'fill-primary stroke-primary'}
            strokeWidth={2}
          >
            <title>{by}</title>
          </circle>
        ),
      )}
      {dates.map(
        (on, i) =>
          shown[i] && (
            <text key={on} x={x(on)} y={HIGH - 8} fontSize={12} textAnchor="middle" className="fill-base-content">
              {format(parseISO(on), 'd MMM')}
            </text>
          ),
      )}
    </svg>
  );
}
