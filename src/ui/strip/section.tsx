import type { PieceRun, PieceSection } from '../../core/project';
import { Layers } from './layers';
import { Repeated } from './repeated';

/** A section from the paths that are measured: one stitch in one go, several as the modules they come in. */
export function Section({
  section,
  count,
  side,
  hex,
  samples,
}: {
  section: PieceSection;
  count: number;
  side: 'front' | 'back';
  hex: Readonly<Record<string, string>>;
  /** Points to each stretch between two control points: fewer for small pictures. */
  samples: 1 | 2 | 4;
}) {
  const { runs, d, arms, width, unit, colours } = section;
  const hexOf = (strand: string): string => hex[colours[strand] ?? ''] ?? Object.values(hex)[0] ?? '#888888';
  const shared = { side, d, hexOf, samples };
  const module = (start: number) => {
    let from = start;
    return runs.map(({ stitch, around, times, mm }: PieceRun, i) => {
      const at = from;
      from += mm;
      return (
        <g key={i} transform={`translate(${at.toFixed(2)} 0)`}>
          <Layers {...shared} geometry={stitch.geometry(around)} divisions={times} />
        </g>
      );
    });
  };
  return Array.from({ length: arms }, (_, arm) => {
    const across = ((arm - (arms - 1) / 2) * width) / arms;
    return (
      <g key={arm} transform={`translate(0 ${across.toFixed(2)})`}>
        {runs.length === 1 ? (
          <Repeated {...shared} run={runs[0]!} divisions={runs[0]!.times * count} />
        ) : (
          Array.from({ length: count }, (__, i) => <g key={i}>{module(i * unit)}</g>)
        )}
      </g>
    );
  });
}
