import type { PieceRun, PieceSection } from '../../core/project';
import { Layers, type Stretch } from './paint/layers';
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
  const { runs, d, arms, width, unit, colours } = section;
  const hexOf = (strand: string): string => hex[colours[strand] ?? ''] ?? Object.values(hex)[0] ?? '#888888';
  const shared = { side, d, hexOf, samples };
  const from = (at: number): Stretch | undefined => within && [within[0] - at, within[1] - at];
  const isNear = (at: number, mm: number): boolean =>
    !within || (at - 2 * d <= within[1] && at + mm + 2 * d >= within[0]);
  const module = (start: number) => {
    let next = start;
    return runs.map(({ stitch, around, times, mm }: PieceRun, i) => {
      const at = next;
      next += mm;
      return (
        isNear(at, mm) && (
          <g key={i} transform={`translate(${at.toFixed(2)} 0)`}>
            <Layers {...shared} geometry={stitch.geometry(around)} divisions={times} within={from(at)} />
          </g>
        )
      );
    });
  };
  return Array.from({ length: arms }, (_, arm) => {
    const across = ((arm - (arms - 1) / 2) * width) / arms;
    return (
      <g key={arm} transform={`translate(0 ${across.toFixed(2)})`}>
        {runs.length === 1 ? (
          <Repeated {...shared} run={runs[0]!} divisions={runs[0]!.times * count} within={within} />
        ) : (
          Array.from({ length: count }, (__, i) => isNear(i * unit, unit) && <g key={i}>{module(i * unit)}</g>)
        )}
      </g>
    );
  });
}
