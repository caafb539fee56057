import type { PieceRun, PieceSection } from '../../core/project';
import { Layers } from './layers';

/** How many divisions a step is shown in: long repeats are taught by their first few. */
const SHOWN = 4;

/** One step of a stitch, front, with each working strand as far as it has come, over and under as it lies. */
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
  const geometry = stitch.geometry(around);
  const divisions = measure.divisions;
  const share = Math.min(1, SHOWN / divisions);
  const { text, reached } = stitch.steps[step]!;
  const shown = Math.max(...Object.values(reached), share * 0.5);
  const length = Math.min(1, Math.max(share, shown)) * measure.pitch * section.d;
  const half = (measure.width * section.d) / 2 + 1;
  return (
    <svg viewBox={`-2 ${-half} ${length + 4} ${2 * half}`} className="block h-24 w-full" role="img" aria-label={text}>
      <Layers geometry={geometry} divisions={divisions} side="front" d={section.d} hexOf={hexOf} reached={reached} />
    </svg>
  );
}
