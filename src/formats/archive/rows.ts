import { Type, type TSchema } from '@sinclair/typebox';
import { SayingSchema, WHATS } from '../../core/bench';
import { CordSchema } from '../../core/cord';
import { LayoutSchema } from '../../core/layout';
import { HardwareSchema } from '../../core/part';
import { AgeSchema, WristMmSchema, TAKEN } from '../../core/person';
import { OptionsSchema, ProjectSchema } from '../../core/project';
import { FigureValueSchema, PlannedPieceSchema, SaidOfPieceSchema, SeenAtBenchSchema } from '../../core/record';
import { SeatEditSchema } from '../../core/seat';
import { CutRecordSchema, KitsSchema, SessionEditSchema, WrapSchema } from '../../core/session';
import { ItemIdSchema, ItemSchema, KeySchema, LotKindSchema, MOVEMENTS, PlaceSchema } from '../../core/shelf';
import { DateSchema, NameSchema, orNull, SettingsSchema, SlugSchema, VersionSchema } from '../../core/studio';
import type { Result } from '../../core/result';
import { checker, type Check } from '../check';
import type { Row } from './manifest';

const Uuid = Type.String({ format: 'uuid' });
/** A moment as the database writes it in JSON. */
const Moment = Type.String({ format: 'date-time', maxLength: 40 });
const Time = Type.String({ pattern: '^([01]\\d|2[0-3]):[0-5]\\d(:[0-5]\\d)?$' });
/** A number that the database gave to a row. */
const Id = Type.Integer({ minimum: 1, maximum: 1_000_000_000_000 });
/** An amount of a lot, mm or pieces, as the database counts. */
const Amount = Type.Integer({ minimum: -2_147_483_647, maximum: 2_147_483_647 });
const Note = Type.String({ maxLength: 200 });
const oneOf = (words: readonly string[]): TSchema => Type.Unsafe<string>({ type: 'string', enum: [...words] });

const seat = SeatEditSchema.properties.changes.properties as unknown as Readonly<Record<string, TSchema>>;
const session = SessionEditSchema.properties.changes.properties as unknown as Readonly<Record<string, TSchema>>;
/** Schemas of a record by some of its fields, as its edits are checked. */
const fields = (of: Readonly<Record<string, TSchema>>, ...names: string[]): Record<string, TSchema> =>
  Object.fromEntries(names.map((name) => [name, of[name]!]));

/** Settings of before may lack figures that came since, and have some that went. */
const StoredSettings = Type.Object(
  {
    ...SettingsSchema.properties,
    figures: Type.Record(
      Type.String({ pattern: '^[a-z][a-z0-9_]*$' }),
      Type.Number({ minimum: -1_000_000, maximum: 1_000_000 }),
    ),
  },
  { additionalProperties: false },
);

const revision = { slug: SlugSchema, revision: VersionSchema, made_at: Moment };

/**
 * Every column of every table of an archive: what comes in is held to the same schemas as what the application stores, and no other
 * column is taken. Rows of earlier levels are brought to this shape first.
 */
export const ROWS: Readonly<Record<string, Readonly<Record<string, TSchema>>>> = {
  settings: { revision: VersionSchema, doc: StoredSettings, made_at: Moment },
  cords: { ...revision, doc: CordSchema },
  hardware: { ...revision, doc: HardwareSchema },
  projects: {
    ...revision,
    doc: ProjectSchema,
    rules: Type.Integer({ minimum: 0, maximum: 10_000, description: 'the rules it was checked by when it was saved' }),
  },
  people: {
    id: Uuid,
    name: NameSchema,
    age: orNull(AgeSchema),
    age_on: orNull(DateSchema),
    avoid: seat.avoid!,
    version: VersionSchema,
    forgotten: Type.Boolean(),
  },
  wrists: {
    id: Id,
    person_id: Uuid,
    mm: WristMmSchema,
    method: oneOf(TAKEN),
    taken_on: DateSchema,
  },
  sessions: {
    id: Uuid,
    ...fields(session, 'title', 'held_on', 'minutes', 'place', 'school', 'leader', 'room'),
    starts_at: orNull(Time),
    cut_done: orNull(CutRecordSchema),
    deleted_at: orNull(Moment),
    version: VersionSchema,
    lanes: orNull(LayoutSchema),
    kits: orNull(KitsSchema),
    noted_at: Moment,
    wrap: orNull(WrapSchema),
  },
  seats: {
    id: Uuid,
    session_id: Uuid,
    person_id: Uuid,
    position: Type.Integer({ minimum: 0, maximum: 2_147_483_647 }),
    ...fields(seat, 'skill', 'wrist_mm', 'wrist_method', 'hand_mm', 'ease', 'project', 'project_revision', 'band_mm'),
    ...fields(seat, 'cords', 'school', 'accepted', 'wishes', 'made', 'note'),
    wrist_on: orNull(DateSchema),
    options: OptionsSchema,
    version: VersionSchema,
    link_epoch: VersionSchema,
  },
  seat_progress: {
    session_id: Uuid,
    n: VersionSchema,
    key: Uuid,
    seat_id: orNull(Uuid),
    what: oneOf(WHATS),
    value: SayingSchema.properties.value,
    at: Moment,
    device: Type.String({ minLength: 1, maxLength: 60 }),
  },
  seat_records: {
    n: Id,
    key: Uuid,
    piece: Uuid,
    session_id: orNull(Uuid),
    title: Type.String({ maxLength: 120 }),
    person_id: orNull(Uuid),
    maker: Uuid,
    made_at: Moment,
    planned: orNull(PlannedPieceSchema),
    seen: orNull(SeenAtBenchSchema),
    said: SaidOfPieceSchema,
  },
  figure_changes: {
    n: Id,
    key: Uuid,
    made_at: Moment,
    by_whom: Type.String({ maxLength: 120 }),
    figure: Type.String({ minLength: 1, maxLength: 200 }),
    how: oneOf(['accepted', 'kept', 'set', 'taken back']),
    was: FigureValueSchema,
    is_now: FigureValueSchema,
    records: Type.Integer({ minimum: 0, maximum: 2_147_483_647 }),
    undoes: orNull(Id),
  },
  items: { id: ItemIdSchema, doc: ItemSchema, version: VersionSchema },
  lots: {
    id: Uuid,
    number: VersionSchema,
    item: ItemIdSchema,
    kind: LotKindSchema,
    place: PlaceSchema,
    tare: orNull(Type.Number({ minimum: 0, maximum: 100_000 })),
    hand: Amount,
    held: Amount,
    version: VersionSchema,
  },
  movements: {
    id: Id,
    key: KeySchema,
    made_at: Moment,
    kind: oneOf(MOVEMENTS),
    lot: Uuid,
    hand: Amount,
    held: Amount,
    session_id: orNull(Uuid),
    note: Note,
    undoes: orNull(Id),
  },
  orders: {
    id: Uuid,
    item: ItemIdSchema,
    packs: Type.Integer({ minimum: 1, maximum: 2_147_483_647 }),
    pack: Type.Integer({ minimum: 1, maximum: 2_147_483_647 }),
    price: orNull(Type.Integer({ minimum: 0, maximum: 2_147_483_647 })),
    ordered_on: DateSchema,
    due_on: DateSchema,
    received: Type.Integer({ minimum: 0, maximum: 2_147_483_647 }),
    cancelled: Type.Boolean(),
    note: Note,
    version: VersionSchema,
  },
};

const compiled = new Map<string, readonly (readonly [column: string, check: Check<unknown>])[]>();

const checksOf = (table: string) => {
  const known = compiled.get(table) ?? Object.entries(ROWS[table]!).map(([name, own]) => [name, checker(own)] as const);
  compiled.set(table, known);
  return known;
};

/**
 * The first thing in a row that its table does not take, as its place and what would do; null where the row fits. A value at fault is
 * named before a column that is missing.
 */
export function rowFault(table: string, row: Row): string | null {
  const checks = checksOf(table);
  const missing = checks.filter(([column]) => !Object.hasOwn(row, column)).map(([column]) => column);
  const unknown = Object.keys(row).find((column) => !Object.hasOwn(ROWS[table]!, column));
  for (const [column, check] of checks) {
    if (missing.includes(column)) continue;
    const checked: Result<unknown, { at: string; error: string }> = check(row[column]);
    if (!checked.ok) return `/${column}${checked.fault.at} ${checked.fault.error}`;
  }
  if (unknown !== undefined) return `/${unknown} is not a column of this table`;
  return missing.length > 0 ? `/${missing[0]} is missing` : null;
}
