import type { Transaction } from 'sequelize';
import { PROJECT_RULES, type Catalogue } from '../core/project';
import { document, moment } from './database/columns';
import { select, selectValue, touched } from './database/query';

/** Tables of documents that are kept in every revision. */
export type DocumentTable = keyof Catalogue;
type Doc<K extends DocumentTable> = Catalogue[K][string];

/** The newest revision of every document of a table, by slug; of those that were made by some moment, where one is given. */
export async function latestDocuments<K extends DocumentTable>(
  table: K,
  t: Transaction,
  by: Date | null = null,
): Promise<Record<string, Doc<K>>> {
  const rows = await select(
    { doc: document<Doc<K>>() },
    `FROM (SELECT DISTINCT ON (slug) doc FROM ${table} WHERE $1::timestamptz IS NULL OR made_at <= $1
            ORDER BY slug, revision DESC) AS newest`,
    [by],
    t,
  );
  return Object.fromEntries(rows.map(({ doc }) => [doc.slug, doc]));
}

/** Some revisions of some documents. */
export async function documentRevisions<K extends DocumentTable>(
  table: K,
  wanted: readonly { readonly slug: string; readonly revision: number }[],
  t: Transaction,
): Promise<Doc<K>[]> {
  if (wanted.length === 0) return [];
  const rows = await select(
    { doc: document<Doc<K>>('d.doc') },
    `FROM ${table} d JOIN unnest($1::text[], $2::integer[]) AS w (slug, revision)
       ON d.slug = w.slug AND d.revision = w.revision`,
    [wanted.map(({ slug }) => slug), wanted.map(({ revision }) => revision)],
    t,
  );
  return rows.map(({ doc }) => doc);
}

/** Adds revisions; one that is there already stays as it is. Returns how many are new. */
export async function insertDocuments<K extends DocumentTable>(
  table: K,
  docs: readonly Doc<K>[],
  t: Transaction,
): Promise<number> {
  return touched(
    `INSERT INTO ${table} (slug, revision, doc, made_at${table === 'projects' ? ', rules' : ''})
       SELECT doc->>'slug', (doc->>'revision')::integer, doc, date_trunc('milliseconds', clock_timestamp())
              ${table === 'projects' ? `, ${PROJECT_RULES}` : ''}
         FROM jsonb_array_elements($1::jsonb) AS doc
     ON CONFLICT DO NOTHING`,
    [JSON.stringify(docs)],
    t,
  );
}

/**
 * When anything was last made that lengths depend on: a document, or settings whose figures or school differ from those before. A
 * session noted after that has seen everything. Settings are walked backwards from the newest: each is some 20 kB to unpack.
 */
export async function lastMade(t: Transaction): Promise<Date> {
  const { at } = await selectValue(
    {
      at: moment(`(
        WITH RECURSIVE same AS (
          (SELECT revision, made_at, doc->'figures' AS figures, doc->'school' AS school
             FROM settings ORDER BY revision DESC LIMIT 1)
          UNION ALL
          SELECT older.revision, older.made_at, same.figures, same.school
            FROM same, LATERAL (SELECT * FROM settings WHERE revision < same.revision ORDER BY revision DESC LIMIT 1) AS older
           WHERE older.doc->'figures' = same.figures AND older.doc->'school' = same.school)
        SELECT greatest((SELECT max(made_at) FROM projects), (SELECT max(made_at) FROM cords), (SELECT max(made_at) FROM hardware),
                 (SELECT min(made_at) FROM same)))`),
    },
    '',
    [],
    t,
  );
  return at;
}
