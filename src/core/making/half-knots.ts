import type { ProjectAct } from '../project';
import type { Convention, MakingWords } from './words';

export type Side = 'left' | 'right';

/** A half knot as hands tie it: which side leads, and whether in front of the core or behind it. */
export interface HalfKnot {
  readonly side: Side;
  readonly level: 'front' | 'behind';
}

const other = (side: Side): Side => (side === 'left' ? 'right' : 'left');

/**
 * The n-th half knot of a band, from 0, as a convention ties it. *Left in front* and *right behind* are the same knot, so every
 * convention ties the same band; it is flat because hands alternate. In a spiral one side leads every time.
 *
 * @example
 * halfKnotAt('left-right', 1, 'left', false) // { side: 'right', level: 'front' }
 * halfKnotAt('over-under', 1, 'left', false) // { side: 'left', level: 'behind' }
 */
export function halfKnotAt(convention: Convention, nth: number, leads: Side, turns: boolean): HalfKnot {
  if (turns || nth % 2 === 0) return { side: leads, level: 'front' };
  return ONE_SIDE.has(convention) ? { side: leads, level: 'behind' } : { side: other(leads), level: 'front' };
}

/** Conventions in which one side always starts. */
const ONE_SIDE: ReadonlySet<Convention> = new Set(['over-under', 'four-steps', 'arms']);

/** The sentence of an act’s half knot, and how to go on from it, in a convention’s words. */
export function sayHalfKnot(
  { nth, leads, turns }: NonNullable<ProjectAct['knots']>,
  convention: Convention,
  words: MakingWords,
): { readonly half_knot: string; readonly go_on: string } {
  const said = words.conventions[convention];
  const { side, level } = halfKnotAt(convention, nth, leads, turns === true);
  const fill = (text: string, at: Side): string =>
    text.replaceAll('{side}', words.sides[at]).replaceAll('{across}', words.sides[other(at)]);
  return {
    half_knot: fill(level === 'behind' ? said.behind! : said.front, side),
    go_on: fill(turns ? said.spiral : said.go_on, leads),
  };
}
