import { inCord } from '../../core/project';
import type { DrawnPart } from '../../core/drawing';

const HARD = { className: 'hard', strokeWidth: 0.4 };

/** One half of a buckle from its bar outward: the bar, the slot that the strands pass, and the body. */
function BuckleHalf({ bar, slot, long, wide }: { bar: number; slot: number; long: number; wide: number }) {
  return (
    <path
      fillRule="evenodd"
      d={`M ${-bar / 2} ${-wide / 2} H ${long} V ${wide / 2} H ${-bar / 2} Z M ${bar / 2} ${-wide / 2 + 2} V ${wide / 2 - 2} H ${bar / 2 + slot} V ${-wide / 2 + 2} Z M ${long * 0.72} ${-wide / 2 + 2.5} V ${wide / 2 - 2.5}`}
      {...HARD}
    />
  );
}

/** What a part is tied to, to scale: it stands between the strands in front of it and those behind. */
export function Solid({ part: { item, at, outward, strands } }: { part: DrawnPart }) {
  const { hardware } = item.base;
  if (!hardware) return null;
  const d = strands[0]?.d ?? 1;
  const bar = item.part.bar?.(inCord(item.base, item.cord)) ?? 0;
  const place = `translate(${at} 0) scale(${outward} 1)`;
  const wide = hardware.width_mm;
  switch (hardware.kind) {
    case 'buckle':
      return (
        <g transform={`translate(${at + outward * bar} 0) scale(${outward} 1)`}>
          <BuckleHalf
            bar={hardware.bar_mm}
            slot={1.6 * d}
            long={hardware.closed_mm / 2 - bar}
            wide={hardware.opening_mm + 5}
          />
        </g>
      );
    case 'button':
    case 'shank-button':
      return (
        <g transform={place}>
          <circle cx={item.along / 2} cy={0} r={wide / 2} {...HARD} />
          {hardware.kind === 'button' &&
            [-1, 1].flatMap((out) =>
              // A hole for each strand or two, on both sides of the bridge that they go over.
              (strands.length > 2 ? [-1, 1] : [0]).map((across) => (
                <circle
                  key={`${out} ${across}`}
                  cx={item.along / 2 + (out * (hardware.bar_mm + d)) / 2}
                  cy={across * (hardware.opening_mm * 0.5 + 0.4)}
                  r={hardware.opening_mm / 2}
                  className="hole"
                />
              )),
            )}
        </g>
      );
    case 'washer':
    case 'split-ring':
    case 'swivel':
    case 'snap-hook': {
      const r = Math.max(wide || hardware.opening_mm + 2 * hardware.bar_mm, 8) / 2 - hardware.bar_mm / 2;
      // In the band it is as long as the band it stands for; at an end its wire is where the turn goes round.
      const centre = item.along > 0 ? item.along / 2 : r;
      return (
        <g transform={place}>
          <circle cx={centre} cy={0} r={r} fill="none" className="wire-edge" strokeWidth={hardware.bar_mm * 0.9} />
          <circle cx={centre} cy={0} r={r} fill="none" className="wire" strokeWidth={hardware.bar_mm * 0.55} />
        </g>
      );
    }
    default:
      return (
        <g transform={place}>
          <rect
            x={0}
            y={-wide / 2}
            width={hardware.length_mm}
            height={wide}
            rx={Math.min(hardware.length_mm, wide) * 0.38}
            className="bead"
          />
        </g>
      );
  }
}
