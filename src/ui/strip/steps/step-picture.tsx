import type { PieceRun, PieceSection } from '../../../core/project';
import { linesOf } from '../../../core/stitch';
import { apartFrom } from '../../pictures/tint';
import { Layers } from '../paint/layers';
import { Tape } from '../paint/strand';

/** How many divisions a step is shown in: long repeats are taught by their first few. */
const SHOWN = 4;

/** One step of a stitch, front, with each working strand as far as it has come; the one that leads has tape on its end. */
export function StepPicture({
  section,
  run,
  step,
  hexOf,
}: {
  section: PieceSection;
  run: PieceRun;
  step: number;
  hexOf: (strand: string) => string;
}) {
  const { stitch, around, measure } = run;
  const { d } = section;
  const geometry = stitch.geometry(around);
  const divisions = measure.divisions;
  const share = Math.min(1, SHOWN / divisions);
  const { text, reached, active } = stitch.steps[step]!;
  const shown = Math.max(...Object.values(reached), share * 0.5);
  const length = Math.min(1, Math.max(share, shown)) * measure.pitch * d;
  const half = (measure.width / 2 + 0.3) * d;
  const lines = linesOf(geometry, divisions, 4, reached);
  // What moves is never of the colour of the others.
  const others = new Set(lines.filter(({ strand }) => strand !== active).map(({ strand }) => hexOf(strand)));
  const own = (strand: string): string =>
    strand === active && others.has(hexOf(strand)) ? apartFrom(hexOf(strand)) : hexOf(strand);
  const end = lines.find(({ strand }) => strand === active)?.points.slice(-5) ?? [];
  return (
    <svg
      viewBox={`${-half} ${-1.5 * d} ${2 * half} ${length + 3 * d}`}
      className="block h-24 w-full"
      role="img"
      aria-label={text}
    >
      {/* The start at the top, left on the left, as the work lies before its maker. */}
      <g transform="matrix(0 1 1 0 0 0)">
        <Layers
          geometry={geometry}
          divisions={divisions}
          side="front"
          d={d}
          hexOf={own}
          reached={reached}
          leads={own(active)}
        />
        {end.length > 1 && <Tape line={end.map(([x, y]) => [x * d, y * d])} width={0.8 * d} />}
      </g>
    </svg>
  );
}
