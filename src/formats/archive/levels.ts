import { SaidOfPieceSchema, PlannedPieceSchema } from '../../core/record';
import { ArrangementSchema, PLAIN_ROOM } from '../../core/session';
import { FIGURES } from '../../core/studio';
import { checker } from '../check';
import { FIRST_LEVEL, LEVEL, type Row } from './manifest';

/** What a row is brought up with: when the archive is read, and the newest revision of each project in it so far. */
export interface Reading {
  readonly now: string;
  readonly newest: ReadonlyMap<string, number>;
  readonly hasRevision: (slug: string, revision: number) => boolean;
}
type Step = (row: Row, reading: Reading) => Row;

const isRoom = checker(ArrangementSchema);
const isPlanned = checker(PlannedPieceSchema);
const isSaidOfPiece = checker(SaidOfPieceSchema);

const text = (value: unknown): string => (typeof value === 'string' ? value : '');
const object = (value: unknown): Record<string, unknown> =>
  typeof value === 'object' && value !== null ? { ...value } : {};

/** A cord or a piece of hardware with one version, as one revision of it. */
const asRevision: Step = ({ version, doc, ...row }, { now }) => ({
  ...row,
  revision: version,
  doc: { ...object(doc), revision: version },
  made_at: now,
});

/** Lengths noted as cut, as the record that holds whole plans since: of these only the lengths are known. */
function asCutRecord(cut_done: unknown, on: string): unknown {
  if (!Array.isArray(cut_done)) return cut_done;
  const seats = new Map<string, { label: string; cuts: object[] }>();
  for (const { seat, label, ...cut } of cut_done as Record<string, unknown>[]) {
    const own = seats.get(text(seat)) ?? { label: text(label), cuts: [] };
    own.cuts.push({ ...cut, anatomy: [] });
    seats.set(text(seat), own);
  }
  return {
    on,
    bases: [],
    seats: [...seats].map(([seat, { label, cuts }]) => ({
      seat,
      person: null,
      label,
      asks: null,
      basis: null,
      plan: { items: [], tools: [], messages: [], cut: { cuts } },
    })),
  };
}

/** A seat whose project revision was never kept is planned with the newest; one whose project is gone has none. */
const withRevision: Step = (row, { newest, hasRevision }) => {
  const { project, project_revision } = row;
  if (typeof project !== 'string' || hasRevision(project, Number(project_revision))) return row;
  const revision = newest.get(project);
  return revision === undefined
    ? { ...row, project: null, project_revision: null }
    : { ...row, project_revision: revision };
};

/** A record of a time when absurd lengths were taken: what is out of bounds goes, and what is plausible stays. */
const withinBounds: Step = (row) => {
  const said = object(row.said);
  const left = object(said.left);
  const kept = Object.fromEntries(
    Object.entries(left).filter(([at, one]) => isSaidOfPiece({ left: { [at]: one } }).ok),
  );
  return {
    ...row,
    planned: isPlanned(row.planned).ok ? row.planned : null,
    said: Object.fromEntries(
      Object.entries(said.left === undefined ? said : { ...said, left: kept }).filter(
        ([field, value]) => isSaidOfPiece({ [field]: value }).ok,
      ),
    ),
  };
};

const LIMITS = new Map<string, { readonly min: number; readonly max: number }>(
  FIGURES.map(({ name, min, max }) => [name, { min, max }]),
);

/** Figures within their limits of now: those of an earlier version may have been wider. */
const withinLimits: Step = (row) => {
  const doc = object(row.doc);
  const figures = Object.entries(object(doc.figures)).map(([name, value]) => {
    const { min, max } = LIMITS.get(name) ?? { min: -1e6, max: 1e6 };
    return [name, typeof value === 'number' ? Math.min(max, Math.max(min, value)) : value];
  });
  return { ...row, doc: { ...doc, figures: Object.fromEntries(figures) } };
};

/** What each level lacks of the next, table by table; the time of reading stands in where a moment was not kept. */
const STEPS: Readonly<Record<number, Readonly<Record<string, Step>>>> = {
  4: {
    items: ({ doc, ...row }) => {
      const { least: _, ...kept } = object(doc);
      return { ...row, doc: kept };
    },
  },
  5: {
    settings: ({ id: _, version, doc }, { now }) => ({ revision: version, doc, made_at: now }),
    cords: asRevision,
    hardware: asRevision,
    projects: (row, { now }) => ({ ...row, made_at: now }),
    people: (row) => ({ ...row, forgotten: row.name === 'Forgotten' && row.age === null }),
    sessions: (row, { now }) => ({
      ...row,
      noted_at: now,
      cut_done: asCutRecord(row.cut_done, text(row.held_on)),
    }),
  },
  6: { lots: (row) => ({ ...row, version: 1 }) },
  7: { seats: (row) => ({ made: null, ...row }) },
  // Levels 9 to 11 were all written as 9, by versions that added columns one after another.
  11: {
    settings: withinLimits,
    projects: (row) => ({ rules: 0, ...row }),
    sessions: (row) => ({
      leader: '',
      wrap: null,
      ...row,
      room: isRoom(row.room).ok ? row.room : PLAIN_ROOM,
    }),
    seats: (row, reading) => withRevision({ link_epoch: 1, ...row }, reading),
    seat_records: withinBounds,
  },
};

/** A row of an earlier level as it would be now. */
export function bringUp(table: string, row: Row, from: number, reading: Reading): Row {
  let brought = row;
  for (let level = from; level < LEVEL; level++) {
    const step = STEPS[level]?.[table];
    if (step) brought = step(brought, reading);
  }
  return brought;
}

/** The level of an archive that does not say: by the columns that levels 5 and 6 changed. */
export function levelOf(said: number | undefined, cord: Row | null): number {
  if (said !== undefined) return said;
  return cord && Object.hasOwn(cord, 'made_at') ? 6 : FIRST_LEVEL;
}
