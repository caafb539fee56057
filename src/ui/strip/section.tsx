import type { PieceSection } from '../../core/project';
import { modulesOf } from './modules';
import { Drawn, reaching, type Stretch } from './paint/layers';
import { Repeated } from './repeated';

/** A section from the paths that are measured: one stitch in one go, several as the modules they come in. */
export function Section({
  section,
  count,
  side,
  hex,
  samples,
  within,
}: {
  section: PieceSection;
  count: number;
  side: 'front' | 'back';
  hex: Readonly<Record<string, string>>;
  /** Points to each stretch between two control points: fewer for small pictures. */
  samples: 1 | 2 | 4;
  /** Only what reaches into this stretch of it is drawn, mm from its start. */
  within?: Stretch;
}) {
  const { runs, d, arms, width, colours } = section;
  const hexOf = (strand: string): string => hex[colours[strand] ?? ''] ?? Object.values(hex)[0] ?? '#888888';
  const shared = { side, d, hexOf, samples };
  if (runs.length > 1) {
    const isNear = (at: number, mm: number): boolean =>
      !within || (at - 2 * d <= within[1] && at + mm + 2 * d >= within[0]);
    const all = modulesOf(section, count, side, samples, isNear);
    return <Drawn {...(within ? reaching(all, within, d) : all)} d={d} hexOf={hexOf} fine={samples > 1} />;
  }
  return Array.from({ length: arms }, (_, arm) => {
    const across = ((arm - (arms - 1) / 2) * width) / arms;
    return (
      <g key={arm} transform={`translate(0 ${across.toFixed(2)})`}>
        <Repeated {...shared} run={runs[0]!} divisions={runs[0]!.times * count} within={within} />
      </g>
    );
  });
}
