import { type PiecePart, inCord } from '../../core/project';
import { lineOn } from '../pictures/tint';

/** A part that takes up band, plainly and to scale: a buckle, a bead or charm, a button, a knot. */
export function PartShape({
  part,
  from,
  length,
  width,
  hex,
}: {
  part: PiecePart;
  from: number;
  length: number;
  width: number;
  hex: string;
}) {
  const { hardware } = part.base;
  const hard = { className: 'fill-base-200 stroke-base-content', strokeWidth: 0.4 };
  if (part.part.slug === 'larks-head') return null;
  if (part.part.slug === 'buckle') {
    const [mid, half] = [from + length / 2, width / 2];
    return (
      <g>
        <rect x={from + 0.5} y={-half} width={length - 1} height={width} rx={1.5} {...hard} />
        <path
          d={`M ${mid} ${-half} V ${half} M ${from + 3} ${-half * 0.6} V ${half * 0.6} M ${from + length - 3} ${-half * 0.6} V ${half * 0.6}`}
          {...hard}
        />
      </g>
    );
  }
  if (hardware) {
    const across = hardware.width_mm || width;
    if (hardware.kind === 'button' || hardware.kind === 'shank-button') {
      const r = across / 2;
      const holes = hardware.kind === 'button' ? [-1, 1] : [];
      return (
        <g>
          <circle cx={from + length / 2} cy={0} r={r} {...hard} />
          {holes.map((side) => (
            <circle key={side} cx={from + length / 2 + side * r * 0.28} cy={0} r={hardware.opening_mm / 2} {...hard} />
          ))}
        </g>
      );
    }
    if (hardware.kind === 'washer' || hardware.kind === 'split-ring')
      return (
        <circle
          cx={from + length / 2}
          cy={0}
          r={across / 2 - hardware.bar_mm / 2}
          fill="none"
          className="stroke-neutral"
          strokeWidth={hardware.bar_mm}
        />
      );
    return (
      <rect
        x={from}
        y={-across / 2}
        width={length}
        height={across}
        rx={Math.min(length, across) * 0.35}
        className="bead"
      />
    );
  }
  const girth = part.part.girth?.(inCord(part.base, part.cord)) ?? Math.PI * width * 0.8;
  const across = girth / Math.PI;
  return (
    <rect
      x={from + 0.2}
      y={-across / 2}
      width={Math.max(1, length - 0.4)}
      height={across}
      rx={Math.min(length, across) * 0.4}
      fill={hex}
      stroke={lineOn(hex)}
      strokeWidth={0.5}
    />
  );
}
