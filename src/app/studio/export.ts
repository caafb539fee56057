import { lookUp } from '../../core/project';
import { DatabaseError, type Transaction } from 'sequelize';
import { Problem } from '../../core/problem';
import { cutList, seatOf } from '../../core/seat';
import type { SessionDocument } from '../../core/exchange';
import { kindOf } from '../../core/shelf';
import { clearCatalogue, fillTable, isEmptyStudio, readTableText, STUDIO_TABLES } from '../../data/archive';
import { listSessions } from '../../data/sessions';
import { ledger } from '../../data/shelf/ledger';
import { lotsOf } from '../../data/shelf/lots';
import { readItems } from '../../data/shelf/items';
import { inTransaction } from '../../data/database/transaction';
import { toCalendar } from '../../formats/calendar';
import { toCsv } from '../../formats/csv';
import { today } from './clock';
import { openSession, planOf } from '../session/session';
import { shelfLines } from '../shelf/shelf';
import { inThread } from '../../threads/in-thread';
import { everShipped, markOf, TABLES } from './shipped';
import { readStudio } from './studio';

/** The whole studio as one ZIP, as it all was at one moment, whatever is written meanwhile. */
export async function exportStudio(): Promise<Uint8Array> {
  const texts = await inTransaction(async (t) => {
    const all: Record<string, string> = {};
    for (const table of STUDIO_TABLES) all[table] = await readTableText(table, t);
    return all;
  }, 'one moment');
  return inThread('pack', { texts, on: today() });
}

/** Refuses where something of a studio's work is there: what is brought in would be mixed with it, or replace it. */
async function refuseFull(t: Transaction): Promise<void> {
  const { catalogue } = await readStudio(t);
  const isOwn = TABLES.some((table) =>
    Object.values(catalogue[table]).some((doc) => !everShipped(table, doc.slug).includes(markOf(doc))),
  );
  if (isOwn || !(await isEmptyStudio(t)))
    throw new Problem(
      409,
      'not-empty',
      'There are people, sessions, stock, or projects, cords or hardware of your own here already: a studio is brought into an empty one only.',
    );
}

/**
 * Brings an exported studio into an empty one: all of it, or nothing. Whether this one is empty is looked at first; what came is
 * unpacked and checked in a thread of its own.
 */
export async function importStudio(bytes: Uint8Array): Promise<{ readonly rows: number }> {
  await inTransaction(refuseFull);
  const unpacked = await inThread('unpack', { bytes, known: STUDIO_TABLES, now: new Date().toISOString() });
  if (!unpacked.ok) throw new Problem(422, 'archive', unpacked.fault);
  const tables = unpacked.value;
  return inTransaction(async (t) => {
    await refuseFull(t);
    await clearCatalogue(t);
    let rows = 0;
    for (const table of STUDIO_TABLES) {
      const own = Object.hasOwn(tables, table) ? tables[table]! : [];
      try {
        await fillTable(table, own, t);
      } catch (error) {
        if (error instanceof DatabaseError)
          throw new Problem(422, 'archive', `${table}.json does not fit: ${shortOf(error)}. Nothing was brought in.`);
        throw error;
      }
      rows += own.length;
    }
    return { rows };
  });
}

/** What of a database's refusal names no value: the constraint, or its code. */
function shortOf(error: DatabaseError): string {
  const { constraint, code } = error.original as { constraint?: string; code?: string };
  return constraint ? `a row of it breaks “${constraint}”` : `the database refuses a row of it (${code ?? 'no code'})`;
}

/** The shelf, a line a lot. */
export function shelfCsv(): Promise<string> {
  return inTransaction(async (t) => {
    const items = new Map((await readItems(t)).map(({ doc }) => [doc.id, doc]));
    const lots = await lotsOf([...items.keys()], t);
    const rows = lots.map(({ number, item, kind, place, hand, held }) => ({
      lot: number,
      item: items.get(item)!.name,
      kind,
      place,
      amount: hand,
      reserved: held,
      unit: kindOf(item) === 'cord' ? 'mm' : 'pieces',
    }));
    return toCsv(rows, ['lot', 'item', 'kind', 'place', 'amount', 'reserved', 'unit']);
  });
}

/** The shelf as JSON: items with their totals, and every lot. */
export function shelfJson(): Promise<object> {
  return inTransaction(async (t) => {
    const { lines } = await shelfLines(t);
    const lots = await lotsOf(
      lines.map(({ doc }) => doc.id),
      t,
    );
    return { format: 'lapboard-shelf', version: 1, items: lines.map(({ doc }) => doc), lots };
  });
}

const LEDGER_COLUMNS = ['id', 'made_at', 'kind', 'lot', 'item', 'on_hand', 'reserved', 'session', 'note', 'undoes'];

/** The whole ledger, oldest first. */
async function ledgerRows(): Promise<Record<string, string | number | null>[]> {
  const lines = await inTransaction((t) => ledger({}, 10_000_000, t));
  return lines.reverse().map(({ id, made_at, kind, number, item, hand, held, session, note, undoes }) => ({
    id: Number(id),
    made_at: new Date(made_at).toISOString(),
    kind,
    lot: number,
    item,
    on_hand: hand,
    reserved: held,
    session,
    note,
    undoes: undoes === null ? null : Number(undoes),
  }));
}
export const ledgerCsv = async (): Promise<string> => toCsv(await ledgerRows(), LEDGER_COLUMNS);
export const ledgerJson = async (): Promise<object> => ({
  format: 'lapboard-ledger',
  version: 1,
  movements: await ledgerRows(),
});

/** The studio's projects, each document whole. */
export function projectsJson(): Promise<object> {
  return inTransaction(async (t) => {
    const { catalogue } = await readStudio(t);
    return { format: 'lapboard-projects', version: 1, projects: Object.values(catalogue.projects) };
  });
}

const PROJECT_COLUMNS = [
  'slug',
  'revision',
  'name',
  'kind',
  'made_to',
  'opens',
  'difficulty',
  'cords',
  'hardware',
  'tools',
  'summary',
];

/** The studio's projects, a line each. */
export function projectsCsv(): Promise<string> {
  return inTransaction(async (t) => {
    const { catalogue } = await readStudio(t);
    const rows = Object.values(catalogue.projects).map((project) => ({
      slug: project.slug,
      revision: project.revision,
      name: project.name,
      kind: project.kind,
      made_to: project.sizing.by === 'wrist' ? 'wrist' : `${project.sizing.band_mm} mm`,
      opens: project.opens,
      difficulty: project.difficulty,
      cords: project.cords.map((cord) => `${cord.pieces ?? 1} × ${cord.role} ${cord.default}`).join('; '),
      hardware: project.hardware.map((need) => need.default).join('; '),
      tools: (project.tools ?? []).join('; '),
      summary: project.summary,
    }));
    return toCsv(rows, PROJECT_COLUMNS);
  });
}

/** Every session as a calendar. */
export function sessionsCalendar(): Promise<string> {
  return inTransaction(async (t) => {
    const { settings } = await readStudio(t);
    const sessions = await listSessions(5000, 0, t);
    return toCalendar(settings.name, sessions);
  });
}

/** A session as the document the command line plans. A seat without wrist or project cannot be said in it and is left out. */
export async function sessionDocument(id: string): Promise<SessionDocument> {
  const { session, seats, studio } = await openSession(id);
  const school = session.school ?? studio.settings.school;
  return {
    format: 'lapboard-session',
    version: 1,
    title: session.title,
    school,
    seats: seats.flatMap((record) => {
      const seat = seatOf(record, school, studio.catalogue.projects);
      const sizing = record.project ? lookUp(studio.catalogue.projects, record.project)?.sizing : undefined;
      const size = seat.size ?? (sizing?.by === 'band' ? { knotted: sizing.band_mm } : null);
      if (!size || !record.project) return [];
      // The document has no colours: so many chosen are said as the option for so many.
      const colours = Math.max(0, ...Object.values(seat.cords).map((choice) => choice.colours?.length ?? 0));
      const cords = Object.fromEntries(Object.entries(seat.cords).map(([role, choice]) => [role, choice.cord]));
      return [
        {
          label: seat.label,
          size: size as SessionDocument['seats'][number]['size'],
          ...(seat.hand !== null && { hand: seat.hand }),
          ...(seat.age !== null && { age: seat.age }),
          skill: seat.skill,
          ease: seat.ease,
          ...(seat.avoid.length > 0 && { avoid: [...seat.avoid] }),
          project: record.project,
          options: { ...(colours > 0 && { colours }), ...seat.options },
          cords,
          school: seat.school,
        },
      ];
    }),
  };
}

/** A session's cuts, a line a length. */
export async function cutsCsv(id: string): Promise<string> {
  const view = await openSession(id);
  const plans = planOf(view).seats.map(({ plan }) => plan);
  const rows = cutList(plans).flatMap((group) =>
    group.lines.map(({ seat, plan, cut }) => ({
      bag: seat,
      name: plan.label,
      project: plan.piece?.project.name ?? '',
      cord: group.cord.name,
      colour: group.colour.name,
      role: cut.role,
      pieces: cut.pieces,
      length_mm: cut.length_mm,
    })),
  );
  return toCsv(rows, ['bag', 'name', 'project', 'cord', 'colour', 'role', 'pieces', 'length_mm']);
}
