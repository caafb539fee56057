import type { Figures, Skill } from '../studio';

/** Who makes the piece. */
export interface Maker {
  readonly skill: Skill;
  readonly age: number | null;
}

/** How slow a maker's hands are: × an adult of that skill at knots, and × a fluent adult at everything else. */
export interface Hands {
  readonly skill: Skill;
  readonly child: number;
  readonly slower: number;
}

/** So many half knots of a piece, its first, are slower (`slow_start`): a convention of the clock. */
export const LEARNING = 6;

/** Worked diameters of cords of 1 mm and of 4 mm, as they are drawn tight: those between take between the longest and the shortest for a half knot. */
const [FINE, THICK] = [0.9, 3.25];

export const isChild = ({ age }: Maker, figures: Figures): boolean => age !== null && age < figures.child_age;

/** How fine a cord is, by its worked diameter: 0 of 4 mm, 1 of 1 mm. */
export const fineness = (d: number): number => Math.min(1, Math.max(0, (THICK - d) / (THICK - FINE)));

/** The hands of a maker, by the studio's figures. */
export function handsOf(maker: Maker, figures: Figures): Hands {
  const { skill } = maker;
  const child = isChild(maker, figures) ? figures.child_slower : 1;
  const slower = { new: figures.part_slower_new, steady: figures.part_slower_steady, fluent: 1 }[skill] * child;
  return { skill, child, slower };
}
