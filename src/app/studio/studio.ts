import type { Transaction } from 'sequelize';
import { lookUp, type Catalogue, type Project } from '../../core/project';
import { revisionKey, type SeatRecord } from '../../core/seat';
import type { Studio } from '../../core/session';
import { STARTING_FIGURES, type Settings } from '../../core/studio';
import { documentRevisions, lastMade, latestDocuments } from '../../data/documents';
import { insertSettings, readSettings, studioMark } from '../../data/studio';
import { inTransaction } from '../../data/database/transaction';
import { bringUpDocuments, bringUpFigures } from './shipped';

/** What a studio is called until it names itself. */
export const FIRST_NAME = 'My studio';
const FIRST: Settings = { name: FIRST_NAME, units: 'cm', paper: 'a4', school: 'measured', figures: STARTING_FIGURES };

async function readCatalogue(t: Transaction, by: Date | null = null): Promise<Catalogue> {
  return {
    projects: await latestDocuments('projects', t, by),
    cords: await latestDocuments('cords', t, by),
    hardware: await latestDocuments('hardware', t, by),
  };
}

let last: Studio | undefined;

/**
 * The studio's settings and catalogue. A figure added since the settings were stored has its starting value. The last one read
 * is kept and used again while the database says that nothing in it has changed, so that what was worked out from it stays.
 */
export async function readStudio(t: Transaction): Promise<Studio> {
  const mark = await studioMark(t);
  if (last?.mark === mark) return last;
  const stored = await readSettings(t);
  const { doc, version } = stored ?? { doc: FIRST, version: 1 };
  last = {
    mark,
    settings: { ...doc, figures: { ...STARTING_FIGURES, ...doc.figures } },
    version,
    catalogue: await readCatalogue(t),
    made_at: (await lastMade(t)).toISOString(),
  };
  return last;
}

/** The studio's settings and catalogue as they were at some moment; what came since is there as it came. */
export async function studioAt(by: Date, { settings, catalogue }: Studio, t: Transaction) {
  const doc = (await readSettings(t, by))?.doc ?? settings;
  const before = await readCatalogue(t, by);
  return {
    settings: { ...doc, figures: { ...settings.figures, ...doc.figures } },
    catalogue: {
      projects: { ...catalogue.projects, ...before.projects },
      cords: { ...catalogue.cords, ...before.cords },
      hardware: { ...catalogue.hardware, ...before.hardware },
    },
  };
}

/** Of a making a page keeps the acts, and no words. */
const withoutWords = (key: string, value: unknown): unknown =>
  key === 'making' && value ? { acts: (value as NonNullable<Project['making']>).acts, texts: { en: {} } } : value;
const texts = new WeakMap<Studio, string>();

/**
 * The studio as JSON text that a page can carry in a script element, written once while it has not changed. Without the words of
 * the makings: most of it, which the server tells.
 */
export function studioText(studio: Studio): string {
  const text = texts.get(studio) ?? JSON.stringify(studio, withoutWords).replaceAll('<', '\\u003c');
  texts.set(studio, text);
  return text;
}

/** The same with the older revisions of projects that some seats were planned with. */
export async function withRevisions(studio: Studio, seats: readonly SeatRecord[], t: Transaction): Promise<Studio> {
  const { projects } = studio.catalogue;
  const older = seats.flatMap(({ project: slug, project_revision: revision }) =>
    slug !== null && revision !== null && lookUp(projects, slug)?.revision !== revision ? [{ slug, revision }] : [],
  );
  if (older.length === 0) return studio;
  const docs = (await documentRevisions('projects', older, t)).map((doc): [string, Project] => [
    revisionKey(doc.slug, doc.revision),
    doc,
  ]);
  const mark = [studio.mark, ...docs.map(([key]) => key).sort()].join('+');
  return {
    ...studio,
    mark,
    catalogue: { ...studio.catalogue, projects: { ...projects, ...Object.fromEntries(docs) } },
  };
}

/** Gives a database the shipped catalogue and settings, and brings up what it has of earlier ones; what a studio has changed stays as it is. */
export const stockStudio = (settings: Partial<Settings> = {}): Promise<void> =>
  inTransaction((t) => stockWithin(t, settings));

/** The same within a transaction. */
export async function stockWithin(t: Transaction, settings: Partial<Settings> = {}): Promise<void> {
  await insertSettings({ ...FIRST, ...settings }, t);
  await bringUpFigures(t);
  await bringUpDocuments(t);
}
