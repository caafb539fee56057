import { useId } from 'react';
import { totalOf, type AnatomyEntry } from '../core/cut';
import { formatMm } from '../core/measure';
import type { Stretch } from '../core/studio';
import { STRETCH_NAMES } from './stretch-names';
import { lineOn } from './tint';

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
  const id = useId();
  const ink = lineOn(hex);
  const parts = anatomy
    .map((entry, i) => ({ entry, from: totalOf(anatomy.slice(0, i)) }))
    .filter(({ entry }) => entry.mm > 0.05);
  const label = (entry: AnatomyEntry) => `${STRETCH_NAMES[entry.for]}, ${formatMm(entry.mm)}: ${entry.because}`;
  return (
    <svg
      viewBox={`0 0 ${scale} 100`}
      preserveAspectRatio="none"
      width="100%"
      height={height}
      className="block"
      {...(open ? { role: 'list', 'aria-label': `Where ${formatMm(length)} goes` } : { 'aria-hidden': true })}
    >
      <defs>
        <pattern id={`${id}lines`} width={scale / 90} height={50} patternUnits="userSpaceOnUse">
          <path d={`M 0 0 H ${scale / 300} V 50 H 0 Z`} fill={ink} />
        </pattern>
        <pattern id={`${id}dots`} width={scale / 110} height={40} patternUnits="userSpaceOnUse">
          <path d={`M 0 0 H ${scale / 320} V 20 H 0 Z`} fill={ink} />
        </pattern>
      </defs>
      {parts.map(({ entry, from }, i) => {
        const { lighten, hatch } = MARK[entry.for];
        const shape = { x: from, y: 0, width: entry.mm, height: 100 };
        return (
          <g
            key={i}
            {...(open ? { role: 'listitem', tabIndex: 0, 'aria-label': label(entry) } : {})}
            className="stretch"
          >
            <title>{label(entry)}</title>
            <rect {...shape} fill={hex} />
            <rect {...shape} fill="#fff" fillOpacity={lighten} />
            {hatch && <rect {...shape} fill={`url(#${id}${hatch})`} fillOpacity={0.55} />}
            <path
              d={`M ${from} 0 V 100`}
              stroke="var(--color-base-100)"
              strokeWidth={1}
              vectorEffect="non-scaling-stroke"
            />
          </g>
        );
      })}
      <rect
        x={0}
        y={0}
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
      <thead>
        <tr>
          <th scope="col">For</th>
          <th scope="col" className="num">
            mm
          </th>
        </tr>
      </thead>
      <tbody>
        {anatomy.map((entry, i) => (
          <tr key={i}>
            <td>
              {STRETCH_NAMES[entry.for]}
              <span className="quiet block text-[13px]">{entry.because}</span>
            </td>
            <td className="num align-top">{entry.mm.toFixed(1)}</td>
          </tr>
        ))}
        <tr>
          <th scope="row">Cut</th>
          <td className="num font-bold">{length.toFixed(1)}</td>
        </tr>
      </tbody>
    </table>
  );
}
