import type { PieceSection } from '../../../core/project';
import { StepPicture } from './step-picture';

/**
 * One of the pictures of a tie: as its stitch is taught, with the strand that leads it now where the first to lead is drawn. In a
 * spiral the work is turned, so that every tie looks alike, and the strands take turns.
 */
export function TiePicture({
  section,
  tie,
  step,
  hexOf,
}: {
  section: PieceSection;
  /** The n-th tie of the stitch's repeat, and the n-th of its pictures. */
  tie: number;
  step: number;
  hexOf: (strand: string) => string;
}) {
  const run = section.runs[0]!;
  const leads = run.stitch.leads ?? [];
  const [first, now] = [leads[0]?.strand, leads[tie]?.strand];
  const turned = (strand: string): string => {
    // Two that lead by turns from one side are each drawn where the other was.
    if (first === undefined || now === undefined || leads[tie]!.steps[step] !== leads[0]!.steps[step]) return strand;
    return strand === first ? now : strand === now ? first : strand;
  };
  return (
    <StepPicture
      section={section}
      run={run}
      step={leads[tie]?.steps[step] ?? 0}
      hexOf={(strand) => hexOf(turned(strand))}
    />
  );
}
