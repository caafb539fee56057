import { PARTS } from '../../core/part';
import { cordItem, estimateMass, hardwareItem, namedItem } from '../../core/shelf';
import type { Settings } from '../../core/studio';
import { inTransaction } from '../../data/database/transaction';
import { readStudio } from '../studio/studio';

/** Something that can be received. */
export interface Choice {
  readonly id: string;
  readonly name: string;
}

/** What cords weigh where nobody weighed them, grams a metre by the cord's slug, and how far off a mass may be, as a share of it. */
export interface Masses {
  readonly estimates: Readonly<Record<string, number>>;
  readonly doubt: { readonly estimated: number; readonly weighed: number };
}

/** What can be received, by name, and what each cord weighs where nobody weighed it. */
export interface ShelfChoices {
  readonly settings: Settings;
  readonly choices: readonly Choice[];
  readonly masses: Masses;
}

export function shelfChoices(): Promise<ShelfChoices> {
  return inTransaction(async (t) => {
    const { settings, catalogue } = await readStudio(t);
    const cords = Object.values(catalogue.cords);
    const toolNames = new Set([
      ...Object.values(PARTS).flatMap((part) => part.tools),
      ...Object.values(catalogue.projects).flatMap((project) => project.tools ?? []),
    ]);
    return {
      settings,
      choices: [
        ...cords.flatMap(({ slug, name, colours }) =>
          colours.map((colour) => ({ id: cordItem(slug, colour.slug), name: `${name}, ${colour.name}` })),
        ),
        ...Object.values(catalogue.hardware).map(({ slug, name }) => ({ id: hardwareItem(slug), name })),
        ...[...toolNames].sort().map((name) => ({
          id: namedItem('tool', name),
          name: `${name[0]!.toUpperCase()}${name.slice(1)}`,
        })),
      ],
      masses: {
        estimates: Object.fromEntries(cords.map((cord) => [cord.slug, estimateMass(cord, settings.figures.cord_fill)])),
        doubt: { estimated: settings.figures.mass_doubt, weighed: settings.figures.weighed_doubt },
      },
    };
  });
}
