import {
  DataTypes,
  Model,
  type CreationOptional,
  type InferAttributes,
  type InferCreationAttributes,
  type Sequelize,
} from 'sequelize';
import type { Arrangement, CutRecord, Kits, Wrap } from '../../core/session';
import type { Layout } from '../../core/layout';
import type { SeatRecord } from '../../core/seat';
import type { Wrist, WristMethod } from '../../core/person';
import type { Avoid, School } from '../../core/studio';
import { database } from './connection';

export class PersonRow extends Model<InferAttributes<PersonRow>, InferCreationAttributes<PersonRow>> {
  declare id: string;
  declare name: string;
  declare age: number | null;
  declare age_on: string | null;
  declare avoid: Avoid[];
  declare forgotten: CreationOptional<boolean>;
  declare version: CreationOptional<number>;
}

export class WristRow extends Model<InferAttributes<WristRow>, InferCreationAttributes<WristRow>> {
  declare id: CreationOptional<number>;
  declare person_id: string;
  declare mm: number;
  declare method: Wrist['method'];
  declare taken_on: string;
}

export class SessionRow extends Model<InferAttributes<SessionRow>, InferCreationAttributes<SessionRow>> {
  declare id: string;
  declare title: string;
  declare held_on: string;
  declare starts_at: string | null;
  declare minutes: number | null;
  declare place: string;
  declare school: School | null;
  declare leader: string;
  declare room: Arrangement;
  declare cut_done: CreationOptional<CutRecord | null>;
  declare lanes: CreationOptional<Layout | null>;
  declare kits: CreationOptional<Kits | null>;
  declare wrap: CreationOptional<Wrap | null>;
  declare noted_at: CreationOptional<Date>;
  declare deleted_at: CreationOptional<Date | null>;
  declare version: CreationOptional<number>;
}

export class SeatRow extends Model<InferAttributes<SeatRow>, InferCreationAttributes<SeatRow>> {
  declare id: string;
  declare session_id: string;
  declare person_id: string;
  declare position: number;
  declare skill: SeatRecord['skill'];
  declare wrist_mm: number | null;
  declare wrist_method: WristMethod | null;
  declare wrist_on: string | null;
  declare hand_mm: number | null;
  declare ease: SeatRecord['ease'];
  declare project: string | null;
  declare project_revision: number | null;
  declare band_mm: number | null;
  declare options: SeatRecord['options'];
  declare cords: SeatRecord['cords'];
  declare school: School | null;
  declare accepted: boolean;
  declare wishes: CreationOptional<string[]>;
  declare made: CreationOptional<SeatRecord['made']>;
  declare note: string;
  declare version: CreationOptional<number>;
}

const { TEXT, INTEGER, BIGINT, JSONB, UUID, DATEONLY, DATE, TIME, BOOLEAN, ARRAY } = DataTypes;
const key = (type: typeof UUID) => ({ type, primaryKey: true });
const version = { type: INTEGER, defaultValue: 1 };

let ready: Sequelize | undefined;

/** Ties the models to the process's database, once for each connection pool. */
export function models(): void {
  const sequelize = database();
  if (ready === sequelize) return;
  PersonRow.init(
    { id: key(UUID), name: TEXT, age: INTEGER, age_on: DATEONLY, avoid: ARRAY(TEXT), forgotten: BOOLEAN, version },
    { sequelize, tableName: 'people' },
  );
  WristRow.init(
    {
      id: { type: BIGINT, primaryKey: true, autoIncrement: true },
      person_id: UUID,
      mm: INTEGER,
      method: TEXT,
      taken_on: DATEONLY,
    },
    { sequelize, tableName: 'wrists' },
  );
  SessionRow.init(
    {
      id: key(UUID),
      title: TEXT,
      held_on: DATEONLY,
      starts_at: TIME,
      minutes: INTEGER,
      place: TEXT,
      leader: TEXT,
      room: JSONB,
      school: TEXT,
      cut_done: JSONB,
      lanes: JSONB,
      kits: JSONB,
      wrap: JSONB,
      noted_at: DATE,
      deleted_at: DATE,
      version,
    },
    { sequelize, tableName: 'sessions' },
  );
  SeatRow.init(
    {
      id: key(UUID),
      session_id: UUID,
      person_id: UUID,
      position: INTEGER,
      skill: TEXT,
      wrist_mm: INTEGER,
      wrist_method: TEXT,
      wrist_on: DATEONLY,
      hand_mm: INTEGER,
      ease: TEXT,
      project: TEXT,
      project_revision: INTEGER,
      band_mm: INTEGER,
      options: JSONB,
      cords: JSONB,
      school: TEXT,
      accepted: BOOLEAN,
      wishes: ARRAY(TEXT),
      made: JSONB,
      note: TEXT,
      version,
    },
    { sequelize, tableName: 'seats' },
  );
  ready = sequelize;
}
