import type { Fit } from '../fit';
import type { Piece, PieceCord } from '../project';
import type { AnatomyEntry } from './anatomy';

/** One leg walked through the piece, in order, by its measured path: no tail and no allowance yet. */
export interface LegWalk {
  readonly cord: PieceCord;
  readonly colour: string;
  readonly entries: readonly AnatomyEntry[];
  readonly works: boolean;
}

/** Walks every leg of every cord through the fitted piece. */
export function walkLegs(piece: Piece, fit: Fit): LegWalk[] {
  return piece.cords.flatMap((cord) =>
    cord.use.legs.map((leg) => {
      const entries = leg.route.map((step): AnatomyEntry => {
        if ('part' in step) {
          const { part, context } = piece.parts[step.part]!;
          const use = part.use(context);
          return { for: part.stretch, mm: use.mm, because: `${part.name}: ${use.because}` };
        }
        if ('core' in step) {
          return {
            for: 'core',
            mm: fit.knotted_mm + piece.along,
            because: `straight through the band: ${(fit.knotted_mm + piece.along).toFixed(1)}`,
          };
        }
        const use = piece.usePerHalfKnot[step.as]!;
        return {
          for: 'stitches',
          mm: fit.half_knots * use,
          because: `${fit.half_knots} half knots × ${use.toFixed(2)}, the length of the strand’s path`,
        };
      });
      if (piece.join && cord.use.join) {
        const use = piece.join.part.use(piece.join.context);
        entries.unshift({
          for: piece.join.part.stretch,
          mm: use.mm,
          because: `${piece.join.part.name}: ${use.because}`,
        });
      }
      return {
        cord,
        colour: cord.colours[leg.colour % cord.colours.length]!,
        entries,
        works: leg.route.some((step) => 'work' in step),
      };
    }),
  );
}
