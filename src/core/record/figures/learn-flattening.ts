import type { Figures } from '../../studio';
import type { FigureSaid } from './figure-said';
import type { Indexed } from './indexed';
import { learnScale, measure, nothingMeasured } from './learn-scale';

/**
 * How flat each cord's strands lie where they cross: what a ruler finds of a band's thickness, over what its strands come to one on the
 * other. It starts from what the first of its records was planned with.
 */
export function flatteningSaid({ records, maker, makers }: Indexed, figures: Figures): FigureSaid[] {
  const byCord = new Map<string, { readonly start: number; readonly seen: ReturnType<typeof nothingMeasured> }>();
  records.forEach(({ planned: { flat }, said: { thick_mm: thick } }, at) => {
    if (!flat || !thick) return;
    const known = byCord.get(flat.cord) ?? { start: flat.start, seen: nothingMeasured() };
    byCord.set(flat.cord, known);
    measure(known.seen, maker[at]!, flat.stacked_mm * known.start, thick, (figures.ruler_reads / thick) ** 2);
  });
  return [...byCord].flatMap(([cord, { start, seen }]): FigureSaid[] => {
    const learned = learnScale(
      {
        key: `flat/${cord}`,
        kind: 'flat',
        start,
        reach: figures.learn_flat,
        spread: { maker: figures.learn_maker, piece: figures.learn_piece },
        measure: 'mm',
        seen,
        makers: makers.length,
      },
      figures,
    );
    return learned ? [learned.figure] : [];
  });
}
