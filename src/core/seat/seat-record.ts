import { Type, type Static } from '@sinclair/typebox';
import { CordChoiceSchema, MadeCountSchema, OptionsSchema, type Catalogue, type CordChoice } from '../project';
import {
  AvoidSchema,
  EaseSchema,
  fieldsFor,
  ROLES,
  SchoolSchema,
  SkillSchema,
  SlugSchema,
  type Role,
  NameSchema,
  orNull,
  VersionSchema,
} from '../studio';
import { AgeSchema, WristMmSchema, WRIST_METHODS, type WristMethod } from '../person';
import type { Size } from '../fit';
import type { Seat } from './seat';

const Uuid = Type.String({ format: 'uuid' });

/** What of a seat can be edited. Lengths are whole millimetres. `name`, `age` and `avoid` belong to the person and go there. */
const editable = {
  name: NameSchema,
  age: orNull(AgeSchema),
  avoid: Type.Array(AvoidSchema, { maxItems: 2, uniqueItems: true }),
  skill: orNull(SkillSchema),
  wrist_mm: orNull(WristMmSchema),
  wrist_method: orNull(Type.Unsafe<WristMethod>({ type: 'string', enum: [...WRIST_METHODS] })),
  hand_mm: orNull(Type.Integer({ minimum: 110, maximum: 360 })),
  ease: EaseSchema,
  project: orNull(SlugSchema),
  project_revision: orNull(
    Type.Integer({ minimum: 1, maximum: 2_147_483_646, description: 'the version it was planned with' }),
  ),
  band_mm: orNull(Type.Integer({ minimum: 20, maximum: 1000 })),
  options: OptionsSchema,
  cords: Type.Unsafe<Partial<Record<Role, CordChoice>>>(
    Type.Object(
      fieldsFor(ROLES, () => Type.Optional(CordChoiceSchema)),
      {
        additionalProperties: false,
      },
    ),
  ),
  school: orNull(SchoolSchema),
  accepted: Type.Boolean({ description: 'an estimate that may be cut from' }),
  wishes: Type.Array(SlugSchema, { maxItems: 6, uniqueItems: true, description: 'colours, dearest first' }),
  made: orNull(MadeCountSchema),
  note: Type.String({ maxLength: 500 }),
};

/** A change to a seat: only what changes, and the versions it was made to. */
export const SeatEditSchema = Type.Object(
  {
    version: VersionSchema,
    person_version: VersionSchema,
    changes: Type.Partial(Type.Object({ ...editable, person_id: Uuid }, { additionalProperties: false }), {
      additionalProperties: false,
      minProperties: 1,
    }),
  },
  { additionalProperties: false },
);
export type SeatEdit = Static<typeof SeatEditSchema>;
export type SeatChanges = SeatEdit['changes'];

/** A seat to add, with the id it will have, so that sending it twice adds it once. */
export const NewSeatSchema = Type.Object(
  {
    ...Type.Partial(Type.Object(editable)).properties,
    id: Uuid,
    person_id: Type.Optional(
      Type.Union([Uuid, Type.Null()], {
        description: 'who it is, as somebody confirmed; null for somebody new; left out, the only one of that name',
      }),
    ),
    name: NameSchema,
    position: Type.Optional(Type.Integer({ minimum: 0, maximum: 1_000_000 })),
  },
  { additionalProperties: false },
);
export type NewSeat = Static<typeof NewSeatSchema>;

/** A seat as stored and sent. */
export interface SeatRecord extends Required<SeatChanges> {
  readonly id: string;
  readonly position: number;
  readonly wrist_on: string | null;
  readonly version: number;
  readonly person_version: number;
}

/**
 * The key of an older revision of a project in a session's catalogue, beside the newest under its slug.
 *
 * @example
 * revisionKey('band-buckle', 3) // 'band-buckle@3'
 */
export const revisionKey = (slug: string, revision: number): string => `${slug}@${revision}`;

/**
 * The key of the revision that a seat is planned with. Without one it is the newest; with one it is that very revision, and where
 * the catalogue has not got it the plan says so: another would cut other lengths.
 */
function projectKey({ project, project_revision }: SeatRecord, projects: Catalogue['projects']): string | null {
  if (project === null || project_revision === null) return project;
  const newest = Object.hasOwn(projects, project) ? projects[project]!.revision : null;
  return newest === project_revision ? project : revisionKey(project, project_revision);
}

/**
 * A stored seat as the reckoning takes it: with the revision of its project that it was planned with.
 *
 * @example
 * seatOf(view.seats[0], 'measured', catalogue.projects).size // { wrist: 165 }
 */
export function seatOf(record: SeatRecord, school: Seat['school'], projects: Catalogue['projects']): Seat {
  const { wrist_mm, wrist_method, band_mm } = record;
  return {
    label: record.name,
    size:
      band_mm !== null
        ? { knotted: band_mm }
        : wrist_mm !== null
          ? ({ [wrist_method === 'piece' ? 'closed' : 'wrist']: wrist_mm } as Size)
          : null,
    estimated: record.wrist_method === 'estimate' && band_mm === null,
    hand: record.hand_mm,
    age: record.age,
    // Nobody said: time enough and cord enough for a first time.
    skill: record.skill ?? 'new',
    ease: record.ease,
    avoid: record.avoid,
    project: projectKey(record, projects),
    options: record.options,
    cords: record.cords,
    school: record.school ?? school,
    made: record.made,
  };
}
