import { stockFor } from '../measure';
import type { Catalogue } from '../project';
import { wordOrder } from '../region';
import type { Figures, Role } from '../studio';
import { exampleSeat } from './example-seat';
import { planSeat } from './plan-seat';

/** A strand that some project would be cut from a cord: what an offcut is long enough for. */
export interface PieceLength {
  readonly project: string;
  readonly name: string;
  readonly role: Role;
  /** Of one piece, with the loss of its cut. */
  readonly mm: number;
  /** How many alike the project takes. */
  readonly pieces: number;
}

/**
 * What the strands of every project would be cut to in one cord, each in turn made of it and the rest as the project starts, for
 * an adult's wrist, steady hands and easy ease, cut by measure. Shortest first; a project that cannot be made so is left out.
 *
 * @example
 * pieceLengths('satin-2', catalogue, figures).every(({ mm }, i, all) => i === 0 || mm >= all[i - 1].mm) // true
 */
export function pieceLengths(cord: string, catalogue: Catalogue, figures: Figures): PieceLength[] {
  return Object.values(catalogue.projects)
    .flatMap((project) =>
      [...new Set(project.cords.map(({ role }) => role))].flatMap((role): PieceLength[] => {
        const plan = planSeat(
          exampleSeat(project, {
            age: null,
            cords: { [role]: { cord } },
            ...(project.sizing.by === 'wrist' && { size: { wrist: figures.wrist_adult } }),
          }),
          catalogue,
          figures,
        );
        if (plan.messages.some(({ level }) => level === 'error')) return [];
        const cuts = (plan.cut?.cuts ?? []).filter((cut) => cut.role === role && cut.cord === cord);
        // Several strands of a role differ by colour only, or little: the longest says whether it will do.
        const longest = Math.max(0, ...cuts.map((cut) => cut.length_mm));
        if (longest === 0) return [];
        const mm = stockFor([longest], figures.cut_loss);
        const pieces = cuts.reduce((sum, cut) => sum + cut.pieces, 0);
        return [{ project: project.slug, name: project.name, role, mm, pieces }];
      }),
    )
    .sort((a, b) => a.mm - b.mm || wordOrder(a.name, b.name));
}
