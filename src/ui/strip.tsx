import { useMemo } from 'react';
import { coloursOf, type SeatPlan } from '../core/session';
import { pictureOf, type Layer } from '../core/stitch';
import { formatLength, type Units } from '../core/measure';
import { lineOn } from './tint';

/** Ruler ticks for a length, in mm: every centimetre or half inch, numbered at each whole. */
function ticks(length: number, units: Units): { at: number; label: string | null }[] {
  const step = units === 'in' ? 12.7 : 10;
  return Array.from({ length: Math.floor(length / step) + 1 }, (_, i) => ({
    at: i * step,
    label: units === 'in' ? (i % 2 === 0 ? String(i / 2) : null) : i % 2 === 0 ? String(i) : null,
  }));
}

/** A layer as one path: across the band is up and down the page, along it is left to right, in mm. */
function pathOf(layer: Layer, d: number, middle: number): string {
  return layer.runs
    .map((run) =>
      run.map(([x, y], i) => `${i === 0 ? 'M' : 'L'}${(y * d).toFixed(2)} ${(middle + x * d).toFixed(2)}`).join(''),
    )
    .join('');
}

/** The band itself, drawn from the strand paths that are measured, to scale over a ruler. */
export function Strip({
  plan,
  side,
  units,
  ruler = true,
}: {
  plan: SeatPlan;
  side: 'front' | 'back';
  units: Units;
  ruler?: boolean;
}) {
  const { piece, fit } = plan;
  const layers = useMemo(
    () => (piece && fit ? pictureOf(piece.stitch.geometry(piece.around), fit.repeats, side) : []),
    [piece, fit, side],
  );
  if (!piece || !fit) return null;
  const colours = coloursOf(plan);
  const [a = '#888888', b = a] = colours;
  const hexOf = (strand: string): string => (strand === 'a' ? a : strand === 'b' ? b : strand.endsWith('1') ? a : b);
  const { d, width } = piece;
  const middle = width / 2 + 2;
  const ends = piece.closed > 0 ? piece.closed / 2 : 12;
  const length = fit.knotted_mm;
  const bottom = width + (ruler ? 15 : 4);
  return (
    <svg
      viewBox={`${-ends - 1} 0 ${length + 2 * ends + 2} ${bottom}`}
      className="block w-full"
      role="img"
      aria-label={`${piece.project.name}, ${side}, ${formatLength(length, units)} of band, ${fit.half_knots} half knots`}
    >
      <Fastenings kind={piece.project.kind} ends={ends} length={length} middle={middle} width={width} d={d} hex={a} />
      {layers.map((layer, i) => {
        const path = pathOf(layer, d, middle);
        const hex = hexOf(layer.strand);
        return (
          <g key={i} fill="none" strokeLinejoin="round">
            <path d={path} stroke={hex} strokeWidth={d + 0.7} />
            <path d={path} stroke={lineOn(hex)} strokeWidth={d + 0.7} />
            <path d={path} stroke={hex} strokeWidth={d - 0.1} strokeLinecap="round" />
          </g>
        );
      })}
      {ruler && (
        <g className="fill-base-content stroke-base-content">
          <path d={`M 0 ${width + 5} H ${length}`} strokeWidth={0.3} fill="none" />
          {ticks(length, units).map(({ at, label }) => (
            <g key={at}>
              <path d={`M ${at} ${width + 5} v ${label ? 2.6 : 1.6}`} strokeWidth={0.3} />
              {label && (
                <text x={at} y={width + 12.6} fontSize={5} textAnchor="middle" stroke="none">
                  {label}
                </text>
              )}
            </g>
          ))}
        </g>
      )}
    </svg>
  );
}

/** What the band ends in, plainly: the halves of a buckle, or a ring and the legs of a carry loop. */
function Fastenings({
  kind,
  ends,
  length,
  middle,
  width,
  d,
  hex,
}: {
  kind: 'bracelet' | 'keychain';
  ends: number;
  length: number;
  middle: number;
  width: number;
  d: number;
  hex: string;
}) {
  const hard = { className: 'fill-base-200 stroke-base-content', strokeWidth: 0.5 };
  if (kind === 'bracelet') {
    return (
      <g>
        <path d={`M ${-ends} ${middle - width / 2} H -1 V ${middle + width / 2} H ${-ends}`} {...hard} />
        <path
          d={`M ${-ends} ${middle - width / 6} H ${-ends / 2} M ${-ends} ${middle + width / 6} H ${-ends / 2}`}
          {...hard}
        />
        <path
          d={`M ${length + ends} ${middle - width / 2} H ${length + 1} V ${middle + width / 2} H ${length + ends}`}
          {...hard}
        />
        <path
          d={`M ${length + ends} ${middle - width / 6} H ${length + ends / 2} M ${length + ends} ${middle + width / 6} H ${length + ends / 2}`}
          {...hard}
        />
      </g>
    );
  }
  return (
    <g fill="none">
      <circle cx={length + ends * 0.55} cy={middle} r={ends * 0.55} className="stroke-base-content" strokeWidth={1.4} />
      <path
        d={`M 0 ${middle - d / 2} C ${-ends / 2} ${middle - d} ${-ends} ${middle - width / 2} ${-ends} ${middle} M 0 ${middle + d / 2} C ${-ends / 2} ${middle + d} ${-ends} ${middle + width / 2} ${-ends} ${middle}`}
        stroke={hex}
        strokeWidth={d}
      />
    </g>
  );
}
