import { QueryTypes, type Transaction } from 'sequelize';
import type { Catalogue } from '../core/project';
import type { Settings } from '../core/studio';
import { database } from './connection';
import { models, SettingsRow, type DocumentTable } from './models';

/** A document with the version two people's edits are checked against. */
export interface Versioned<T> {
  readonly doc: T;
  readonly version: number;
}

export async function readSettings(t: Transaction): Promise<Versioned<Settings> | null> {
  const row = await SettingsRow.findByPk(1, { transaction: t });
  return row && { doc: row.doc, version: row.version };
}

export async function insertSettings(doc: Settings, t: Transaction): Promise<void> {
  await SettingsRow.bulkCreate([{ id: 1, doc }], { transaction: t, ignoreDuplicates: true });
}

export async function updateSettings(version: number, doc: Settings, t: Transaction): Promise<boolean> {
  const [count] = await SettingsRow.update(
    { doc, version: version + 1 },
    { where: { id: 1, version }, transaction: t },
  );
  return count === 1;
}

/** A mark that changes with anything a reckoning needs of the studio, and with nothing else. */
export async function studioMark(t: Transaction): Promise<string> {
  const [row] = await database().query<{ mark: string }>('SELECT mark FROM studio_mark', {
    type: QueryTypes.SELECT,
    transaction: t,
  });
  return row!.mark;
}

/** Every document of a table, by slug. */
export async function readDocuments<K extends DocumentTable>(
  table: K,
  t: Transaction,
): Promise<Record<string, Versioned<Catalogue[K][string]>>> {
  const rows = await models()[table].findAll({ order: ['slug'], transaction: t });
  return Object.fromEntries(
    rows.map((row) => [row.slug, { doc: row.doc as Catalogue[K][string], version: row.version }]),
  );
}

/** Adds the documents that are not there yet; those that are may have been changed by the studio and stay. */
export async function insertDocuments<K extends DocumentTable>(
  table: K,
  documents: Catalogue[K],
  t: Transaction,
): Promise<void> {
  const rows = Object.entries(documents).map(([slug, doc]) => ({ slug, doc: doc as object }));
  await models()[table].bulkCreate(rows, { transaction: t, ignoreDuplicates: true });
}

export async function updateDocument(
  table: DocumentTable,
  slug: string,
  version: number,
  doc: object,
  t: Transaction,
): Promise<boolean> {
  const [count] = await models()[table].update(
    { doc, version: version + 1 },
    { where: { slug, version }, transaction: t },
  );
  return count === 1;
}
