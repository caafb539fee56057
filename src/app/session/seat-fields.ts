import { Problem } from '../../core/problem';
import { hardwareOf, type Catalogue } from '../../core/project';
import type { SeatChanges, SeatRecord } from '../../core/seat';
import { TAKEN, type Wrist } from '../../core/person';
import type { SeatInsert } from '../../data/seats';
import { today } from '../studio/clock';

/** Slugs that a seat names must be in the catalogue. */
export function checkSlugs(
  changes: Pick<SeatChanges, 'project' | 'options' | 'cords'>,
  catalogue: Catalogue,
  pointer: string,
): void {
  const faulty = (field: string, slug: string, table: object): Problem =>
    new Problem(422, 'unknown', `“${slug}” is not in the catalogue; there are: ${Object.keys(table).join(', ')}.`, {
      pointer: `${pointer}/${field}`,
    });
  const { project, options, cords } = changes;
  if (project && !Object.hasOwn(catalogue.projects, project)) throw faulty('project', project, catalogue.projects);
  for (const { at, slug } of hardwareOf(options ?? {}))
    if (!Object.hasOwn(catalogue.hardware, slug)) throw faulty(`options/${at}`, slug, catalogue.hardware);
  for (const [role, choice] of Object.entries(cords ?? {})) {
    if (!choice) continue;
    if (!Object.hasOwn(catalogue.cords, choice.cord)) throw faulty(`cords/${role}/cord`, choice.cord, catalogue.cords);
    const cord = catalogue.cords[choice.cord]!;
    const colour = choice.colours?.find((slug) => !cord.colours.some((c) => c.slug === slug));
    if (colour)
      throw new Problem(422, 'unknown', `${cord.name} has no colour “${colour}”.`, {
        pointer: `${pointer}/cords/${role}/colours`,
      });
  }
}

/** The wrist of a new or changed seat: its method and day belong to it. */
export function wristFields(
  wrist: Pick<SeatRecord, 'wrist_mm' | 'wrist_method'>,
): Pick<SeatInsert, 'wrist_mm' | 'wrist_method' | 'wrist_on'> {
  return { ...wrist, wrist_on: wrist.wrist_mm === null ? null : today() };
}

/** A wrist as a person's history keeps it; an estimate is none, and the length of a piece that fits is none. */
export function measuredWrist(person: string, wrist: ReturnType<typeof wristFields>): (Wrist & { person: string })[] {
  const { wrist_mm: mm, wrist_method: method, wrist_on: taken_on } = wrist;
  const taken = TAKEN.find((own) => own === method);
  return mm !== null && taken && taken_on !== null ? [{ person, mm, method: taken, taken_on }] : [];
}
