import { Type } from '@sinclair/typebox';
import { fieldsFor } from './fields';
import LIST from './figures.json';

/** One coefficient, with what a settings page needs to show and check it. */
export interface Figure<Name extends string = string> {
  readonly name: Name;
  readonly group: string;
  readonly label: string;
  readonly unit: string;
  readonly start: number;
  /** What it started with in versions before, where that was another value. */
  readonly earlier?: readonly number[];
  readonly min: number;
  readonly max: number;
  /** Where the starting value comes from. */
  readonly source: string;
}

export type FigureName = keyof typeof LIST;
/** A studio's value for every coefficient. */
export type Figures = Readonly<Record<FigureName, number>>;

/**
 * Every coefficient that is not geometry, as `figures.json` lists them. A studio changes them on its settings page. Nothing in the
 * core uses a physical figure that is not there, in a cord's or a hardware document, or derived in the file that uses it.
 */
export const FIGURES: readonly Figure<FigureName>[] = (Object.keys(LIST) as FigureName[]).map((name) => ({
  name,
  ...LIST[name],
}));

/** The starting values, before a studio changes any. */
export const STARTING_FIGURES: Figures = Object.fromEntries(FIGURES.map((f) => [f.name, f.start])) as Record<
  FigureName,
  number
>;

/** Checks a studio's figures, each within its limits. */
export const FiguresSchema = Type.Object(
  fieldsFor(Object.keys(LIST), (name) => {
    const { label, unit, source, min, max } = LIST[name as FigureName];
    return Type.Number({ title: label, description: `${unit}. ${source}`, minimum: min, maximum: max });
  }),
  { additionalProperties: false },
);
