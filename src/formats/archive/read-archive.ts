import { messageOf } from '../../core/result';
import { checkProject, PROJECT_RULES, type Catalogue, type Project } from '../../core/project';
import { tryProject } from '../../core/seat';
import { STARTING_FIGURES, SettingsSchema, type Settings } from '../../core/studio';
import { checker } from '../check';
import { parseJson } from '../json';
import { bringUp, levelOf, type Reading } from './levels';
import { checkManifest, LEVEL, type Row } from './manifest';
import { rowFault } from './rows';
import { splitRows } from './split-rows';

/** The files of an archive, however they are kept. */
export interface ArchiveFiles {
  readonly names: ReadonlySet<string>;
  /** @throws where the file cannot be unpacked, or holds more than it says */
  readonly open: (name: string) => AsyncIterable<Uint8Array>;
}

/** Some rows of a table, as the JSON text of a list. */
export interface Batch {
  readonly table: string;
  readonly rows: number;
  readonly text: string;
}

/** What is wrong with an archive, in words for the person who brought it. */
export class ArchiveError extends Error {}

/** Rows are handed on at this many bytes or rows. */
const [BATCH_BYTES, BATCH_ROWS] = [300_000, 500];
const MAX_MANIFEST_BYTES = 100_000;

const checkSettings = checker(SettingsSchema.properties.figures);

async function readManifest(files: ArchiveFiles) {
  if (!files.names.has('manifest.json'))
    throw new ArchiveError('It has no manifest.json: it is not an export of a studio.');
  const parts: Uint8Array[] = [];
  for await (const part of files.open('manifest.json')) {
    parts.push(part);
    if (parts.reduce((sum, { length }) => sum + length, 0) > MAX_MANIFEST_BYTES)
      throw new ArchiveError('manifest.json is too large: it is not an export of a studio.');
  }
  const parsed = parseJson(Buffer.concat(parts).toString());
  if (!parsed.ok) throw new ArchiveError(`manifest.json is ${parsed.fault.error}.`);
  const checked = checkManifest(parsed.value);
  if (!checked.ok) throw new ArchiveError(`manifest.json: ${checked.fault.at} ${checked.fault.error}.`);
  return checked.value;
}

/** The documents of an archive so far, and what its projects must keep to. */
class Documents implements Reading {
  readonly newest = new Map<string, number>();
  private readonly revisions = new Set<string>();
  private readonly catalogue = { cords: {}, hardware: {} } as Record<'cords' | 'hardware', Record<string, Row>>;
  private settings: Settings | null = null;

  constructor(readonly now: string) {}

  hasRevision = (slug: string, revision: number): boolean => this.revisions.has(`${slug}@${revision}`);

  /** Takes a row that fits its table; answers what else is wrong with it, or null. */
  take(table: string, row: Row): string | null {
    if (table === 'settings') this.settings = row.doc as Settings;
    if (table === 'cords' || table === 'hardware') this.catalogue[table][row.slug as string] = row.doc as Row;
    if (table !== 'projects') return null;
    const { slug, revision, doc, rules } = row as { slug: string; revision: number; doc: Project; rules: number };
    this.revisions.add(`${slug}@${revision}`);
    this.newest.set(slug, Math.max(revision, this.newest.get(slug) ?? 0));
    // One that was saved under earlier rules is kept as it is: what those rules let through is planned with care, or not at all.
    if (rules < PROJECT_RULES) return null;
    const catalogue = { projects: {}, ...this.catalogue } as unknown as Catalogue;
    const figures = { ...STARTING_FIGURES, ...this.settings?.figures };
    const fault = checkProject(doc, catalogue) ?? tryProject(doc, catalogue, figures);
    return fault && `/doc${fault.at} ${fault.error}`;
  }

  /** The last settings must be such as could be saved now; those before them are history. */
  settingsFault(): string | null {
    if (!this.settings) return null;
    const checked = checkSettings({ ...STARTING_FIGURES, ...knownFigures(this.settings.figures) });
    return checked.ok ? null : `/doc/figures${checked.fault.at} ${checked.fault.error}`;
  }
}

const knownFigures = (figures: Readonly<Record<string, number>>): Record<string, number> =>
  Object.fromEntries(Object.entries(figures).filter(([name]) => Object.hasOwn(STARTING_FIGURES, name)));

/**
 * Reads a studio's archive table by table, each row brought to the shape of now and checked, in batches of bounded size.
 *
 * @param known the tables there are, in the order in which they can be filled; a table of another name is from a newer version
 * @param now the moment that stands in where an older archive kept none
 * @throws ArchiveError naming the file and place that is wrong
 */
export async function* readArchive(files: ArchiveFiles, known: readonly string[], now: string): AsyncGenerator<Batch> {
  const { level: said, tables: names } = await readManifest(files);
  if (said !== undefined && said > LEVEL)
    throw new ArchiveError(`It was made by a newer version (level ${said}; this one reads up to ${LEVEL}).`);
  const foreign = names.find((name) => !known.includes(name));
  if (foreign !== undefined) throw new ArchiveError(`It holds “${foreign}”, which this version does not know.`);
  const absent = names.find((name) => !files.names.has(`${name}.json`));
  if (absent !== undefined) throw new ArchiveError(`${absent}.json is missing.`);
  const documents = new Documents(now);
  const level = levelOf(said, said === undefined && names.includes('cords') ? await firstRow(files, 'cords') : null);
  for (const table of known.filter((name) => names.includes(name))) {
    yield* readTable(files, table, level, documents);
    const fault = table === 'settings' ? documents.settingsFault() : null;
    if (fault !== null) throw new ArchiveError(`settings.json: ${fault}.`);
  }
}

async function firstRow(files: ArchiveFiles, table: string): Promise<Row | null> {
  for await (const text of rowsOf(files, table)) return parsedRow(text, table, 0);
  return null;
}

async function* rowsOf(files: ArchiveFiles, table: string): AsyncGenerator<string> {
  try {
    yield* splitRows(files.open(`${table}.json`));
  } catch (error) {
    throw error instanceof ArchiveError ? error : new ArchiveError(`${table}.json ${messageOf(error)}.`);
  }
}

function parsedRow(text: string, table: string, i: number): Row {
  const parsed = parseJson(text);
  if (!parsed.ok) throw new ArchiveError(`${table}.json: row ${i} is ${parsed.fault.error}.`);
  return parsed.value as Row;
}

async function* readTable(
  files: ArchiveFiles,
  table: string,
  level: number,
  documents: Documents,
): AsyncGenerator<Batch> {
  let texts: string[] = [];
  let bytes = 0;
  let i = 0;
  for await (const text of rowsOf(files, table)) {
    const row = bringUp(table, parsedRow(text, table, i), level, documents);
    const fault = rowFault(table, row) ?? documents.take(table, row);
    if (fault !== null) throw new ArchiveError(`${table}.json: /${i}${fault}.`);
    // What was read as it should be is handed on as the parser understood it: no key twice, nothing but its columns.
    const own = JSON.stringify(row);
    texts.push(own);
    bytes += own.length;
    i += 1;
    if (bytes < BATCH_BYTES && texts.length < BATCH_ROWS) continue;
    yield { table, rows: texts.length, text: `[${texts.join()}]` };
    texts = [];
    bytes = 0;
  }
  if (texts.length > 0) yield { table, rows: texts.length, text: `[${texts.join()}]` };
}
