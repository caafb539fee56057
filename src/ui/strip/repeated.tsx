import type { ComponentProps } from 'react';
import type { PieceRun } from '../../core/project';
import { Layers } from './paint/layers';

/** From so many repeats on, the middle is one repeat drawn once and laid side by side. */
const MANY = 16;
/** Repeats drawn one by one at each end; a strand reaches less than this far into its neighbours. */
const END = 3;

/**
 * One stitch, so many divisions long. A long stretch is its first and last repeats, and between them a pattern of one repeat
 * with what its neighbours reach into it: the same picture, at the cost of a few repeats.
 */
export function Repeated({
  run,
  divisions,
  ...shared
}: { run: PieceRun; divisions: number } & Omit<ComponentProps<typeof Layers>, 'geometry' | 'divisions'>) {
  const { stitch, around, measure } = run;
  const geometry = stitch.geometry(around);
  const whole = Math.floor(divisions / measure.divisions);
  // A stretch of it is few already.
  if (whole < MANY || shared.within) return <Layers {...shared} geometry={geometry} divisions={divisions} />;
  const { side, d, hexOf, samples } = shared;
  const pitch = measure.pitch * d;
  const half = (measure.width * d) / 2 + 1;
  const strands = [...geometry.working, ...geometry.core].map(({ strand }) => hexOf(strand).slice(1)).join('');
  // The same words for the same picture, so that two of them on a page may share a name.
  const id = `${stitch.slug}-${side}-${samples}-${pitch.toFixed(3)}-${half.toFixed(3)}-${strands}`.replaceAll('.', '_');
  const from = whole - END;
  const ends = [
    { at: 0, count: END * measure.divisions },
    { at: from, count: divisions - from * measure.divisions },
  ];
  return (
    <g>
      <defs>
        <pattern id={id} x={0} y={-half} width={pitch} height={2 * half} patternUnits="userSpaceOnUse">
          <g transform={`translate(${-END * pitch} ${half})`}>
            <Layers {...shared} geometry={geometry} divisions={(2 * END + 1) * measure.divisions} />
          </g>
        </pattern>
      </defs>
      {ends.map(({ at, count }) => (
        <g key={at} transform={`translate(${at * pitch} 0)`}>
          <Layers {...shared} geometry={geometry} divisions={count} />
        </g>
      ))}
      <rect
        x={(END - 1) * pitch}
        y={-half}
        width={(whole - 2 * (END - 1)) * pitch}
        height={2 * half}
        fill={`url(#${id})`}
      />
    </g>
  );
}
