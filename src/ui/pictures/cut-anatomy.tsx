import { number } from '../words/region';
import { totalOf, type AnatomyEntry } from '../../core/cut';
import { formatMm } from '../../core/measure';
import type { Stretch } from '../../core/studio';
import { STRETCH_NAMES } from '../words/stretch-names';
import { lightened, lineOn } from './tint';
import { Heads, num } from '../heads';

/** How a stretch is marked on the cord's colour: plain, lightened, or hatched where it may be left over. */
const MARK: Record<Stretch, { lighten: number; hatch?: 'lines' | 'dots' }> = {
  start: { lighten: 0.35 },
  core: { lighten: 0.2 },
  stitches: { lighten: 0 },
  loop: { lighten: 0.3 },
  join: { lighten: 0.45 },
  beads: { lighten: 0.55 },
  slide: { lighten: 0.3 },
  closure: { lighten: 0.4 },
  end: { lighten: 0.45 },
  tail: { lighten: 0.25, hatch: 'lines' },
  allowance: { lighten: 0.45, hatch: 'dots' },
  rounding: { lighten: 0.75 },
};

/** Hatches as dashed lines: where they run, how high, and dash and gap as shares of the bar's scale. */
const HATCH = {
  lines: { rows: [50], height: 100, dash: [0.0033, 0.0078] },
  dots: { rows: [10, 50, 90], height: 20, dash: [0.0031, 0.006] },
} as const;

const round = (mm: number): number => Math.round(mm * 10) / 10;

/**
 * One cut as a bar to scale in the cord's colour, divided into what each stretch is for.
 *
 * @param scale the length, mm, that fills the width: the longest bar beside it
 * @param open whether each stretch can be focused and read out; a bar in a list is only a picture
 */
export function CutAnatomy({
  anatomy,
  length,
  scale,
  hex,
  open = false,
  height = 16,
}: {
  anatomy: readonly AnatomyEntry[];
  length: number;
  scale: number;
  hex: string;
  open?: boolean;
  height?: number;
}) {
  const ink = lineOn(hex);
  const parts = anatomy
    .map((entry, i) => ({ entry, from: totalOf(anatomy.slice(0, i)) }))
    .filter(({ entry }) => entry.mm > 0.05);
  const label = (entry: AnatomyEntry) => `${STRETCH_NAMES[entry.for]}, ${formatMm(entry.mm)}: ${entry.because.text}`;
  return (
    <svg
      viewBox={`0 0 ${scale} 100`}
      preserveAspectRatio="none"
      width="100%"
      height={height}
      className="block"
      {...(open ? { role: 'list', 'aria-label': `Where ${formatMm(length)} goes` } : { 'aria-hidden': true })}
    >
      {parts.map(({ entry, from }, i) => {
        const { lighten, hatch } = MARK[entry.for];
        const bar = (
          <rect key={i} x={round(from)} width={round(entry.mm)} height={100} fill={lightened(hex, lighten)}>
            <title>{label(entry)}</title>
          </rect>
        );
        if (!hatch && !open) return bar;
        return (
          <g key={i} {...(open ? { role: 'listitem', tabIndex: 0, 'aria-label': label(entry) } : {})}>
            {bar}
            {hatch && (
              <path
                d={HATCH[hatch].rows.map((y) => `M ${round(from)} ${y} h ${round(entry.mm)}`).join(' ')}
                pointerEvents="none"
                stroke={ink}
                strokeOpacity={0.55}
                strokeWidth={HATCH[hatch].height}
                strokeDasharray={HATCH[hatch].dash.map((part) => round(part * scale)).join(' ')}
              />
            )}
          </g>
        );
      })}
      <path
        d={parts.map(({ from }) => `M ${round(from)} 0 V 100`).join(' ')}
        stroke="var(--color-base-100)"
        strokeWidth={1}
        vectorEffect="non-scaling-stroke"
      />
      <rect
        width={length}
        height={100}
        fill="none"
        stroke="var(--color-base-content)"
        strokeWidth={1.5}
        vectorEffect="non-scaling-stroke"
      />
    </svg>
  );
}

/** The same in words and numbers, with where each figure comes from and the sum. */
export function AnatomyTable({ anatomy, length }: { anatomy: readonly AnatomyEntry[]; length: number }) {
  return (
    <table className="sheet text-sm">
      <caption className="sr-only">Where each millimetre of the cut goes</caption>
      <Heads of={['For', num('mm')]} />
      <tbody>
        {anatomy.map((entry, i) => (
          <tr key={i}>
            <td>
              {STRETCH_NAMES[entry.for]}
              <span className="quiet block text-[13px]">{entry.because.text}</span>
            </td>
            <td className="num align-top">{number(entry.mm, 1)}</td>
          </tr>
        ))}
        <tr>
          <th scope="row">Cut</th>
          <td className="num font-bold">{number(length, 1)}</td>
        </tr>
      </tbody>
    </table>
  );
}
