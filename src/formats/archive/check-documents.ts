import { Type, type TSchema } from '@sinclair/typebox';
import { CordSchema } from '../../core/cord';
import { HardwareSchema } from '../../core/part';
import { checkProject, OptionsSchema, ProjectSchema, type Catalogue, type Project } from '../../core/project';
import { FigureValueSchema, PlannedPieceSchema, SaidOfPieceSchema, SeenAtBenchSchema } from '../../core/record';
import { CutRecordSchema, KitsSchema, WrapSchema } from '../../core/session';
import { LayoutSchema } from '../../core/layout';
import { SeatEditSchema, tryProject } from '../../core/seat';
import { ItemSchema } from '../../core/shelf';
import { SettingsSchema, STARTING_FIGURES, type Settings } from '../../core/studio';
import { checker } from '../check';
import type { Row, Tables } from './manifest';

const orNull = <T extends TSchema>(schema: T) => Type.Union([schema, Type.Null()]);
const { cords, wishes } = SeatEditSchema.properties.changes.properties;

/** Settings of before may lack figures that came since, and have some that went: what is there must be numbers. */
const OldSettings = Type.Object({
  ...SettingsSchema.properties,
  figures: Type.Record(Type.String({ pattern: '^[a-z][a-z0-9_]*$' }), Type.Number()),
});

/** Every document of every table, by its column. What is not a document is checked by the database's own types and constraints. */
const DOCUMENTS: Readonly<Record<string, Readonly<Record<string, TSchema>>>> = {
  settings: { doc: OldSettings },
  cords: { doc: CordSchema },
  hardware: { doc: HardwareSchema },
  projects: { doc: ProjectSchema },
  sessions: {
    cut_done: orNull(CutRecordSchema),
    lanes: orNull(LayoutSchema),
    kits: orNull(KitsSchema),
    wrap: orNull(WrapSchema),
  },
  seat_records: { planned: orNull(PlannedPieceSchema), seen: orNull(SeenAtBenchSchema), said: SaidOfPieceSchema },
  figure_changes: { was: FigureValueSchema, is_now: FigureValueSchema },
  seats: { options: OptionsSchema, cords: cords!, wishes: wishes! },
  items: { doc: ItemSchema },
};

/** The first document that is not as it must be, with its file and place; null where all are. */
export function documentFault(tables: Tables): string | null {
  for (const [table, columns] of Object.entries(DOCUMENTS)) {
    const checks = Object.entries(columns).map(([column, schema]) => [column, checker(schema)] as const);
    for (const [i, row] of (Object.hasOwn(tables, table) ? tables[table]! : []).entries()) {
      for (const [column, check] of checks) {
        const checked = check(Object.hasOwn(row, column) ? row[column] : null);
        if (!checked.ok) return `${table}.json: /${i}/${column}${checked.fault.at} ${checked.fault.error}`;
      }
    }
  }
  return projectFault(tables);
}

const docsOf = <T extends { readonly slug: string; readonly revision: number }>(
  rows: readonly Row[] = [],
): Record<string, T> => {
  const all = rows.map(({ doc }) => doc as T).sort((a, b) => a.revision - b.revision);
  return Object.fromEntries(all.map((doc) => [doc.slug, doc]));
};

/** The first project that names what is not in the archive, or that cannot be planned in every way it offers. */
function projectFault(tables: Tables): string | null {
  const catalogue: Catalogue = { projects: {}, cords: docsOf(tables.cords), hardware: docsOf(tables.hardware) };
  const settings = tables.settings?.at(-1)?.doc as Settings | undefined;
  const figures = { ...STARTING_FIGURES, ...settings?.figures };
  for (const [i, { doc }] of (tables.projects ?? []).entries()) {
    const project = doc as Project;
    const fault = checkProject(project, catalogue) ?? tryProject(project, catalogue, figures);
    if (fault) return `projects.json: /${i}/doc${fault.at} ${fault.error}`;
  }
  return null;
}
