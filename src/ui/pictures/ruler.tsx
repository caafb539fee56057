import type { Units } from '../../core/measure';

/** Ruler ticks for a length, in mm: every centimetre or half inch, numbered so that the numbers have room. */
function ticks(length: number, units: Units): { at: number; label: string | null }[] {
  const step = units === 'in' ? 12.7 : 10;
  const each = Math.max(2, 2 * Math.ceil(length / 400));
  return Array.from({ length: Math.floor(length / step) + 1 }, (_, i) => ({
    at: i * step,
    label: i % each === 0 ? String(units === 'in' ? i / 2 : i) : null,
  }));
}

/** A ruler under the band, in the studio's units. */
export function Ruler({ length, top, units, size }: { length: number; top: number; units: Units; size: number }) {
  return (
    <g className="fill-base-content stroke-base-content">
      <path d={`M 0 ${top} H ${length}`} strokeWidth={size * 0.06} fill="none" />
      {ticks(length, units).map(({ at, label }) => (
        <g key={at}>
          <path d={`M ${at} ${top} v ${size * (label ? 0.5 : 0.3)}`} strokeWidth={size * 0.06} />
          {label && (
            <text x={at} y={top + size * 1.6} fontSize={size} textAnchor="middle" stroke="none">
              {label}
            </text>
          )}
        </g>
      ))}
    </g>
  );
}
