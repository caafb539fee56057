import { QueryTypes, type Transaction } from 'sequelize';
import type { Project } from '../core/project';
import { database } from './connection';

interface Row {
  readonly doc: Project;
}

/** The newest revision of every project, by slug. */
export async function latestProjects(t: Transaction): Promise<Record<string, Project>> {
  const rows = await database().query<Row>('SELECT DISTINCT ON (slug) doc FROM projects ORDER BY slug, revision DESC', {
    type: QueryTypes.SELECT,
    transaction: t,
  });
  return Object.fromEntries(rows.map(({ doc }) => [doc.slug, doc]));
}

/** Some revisions of some projects. */
export async function projectRevisions(
  wanted: readonly { readonly slug: string; readonly revision: number }[],
  t: Transaction,
): Promise<Project[]> {
  if (wanted.length === 0) return [];
  const rows = await database().query<Row>(
    `SELECT p.doc FROM projects p JOIN unnest($1::text[], $2::integer[]) AS w (slug, revision)
       ON p.slug = w.slug AND p.revision = w.revision`,
    {
      bind: [wanted.map(({ slug }) => slug), wanted.map(({ revision }) => revision)],
      type: QueryTypes.SELECT,
      transaction: t,
    },
  );
  return rows.map(({ doc }) => doc);
}

/** Adds revisions; one that is there already stays as it is. Returns how many are new. */
export async function insertProjects(projects: readonly Project[], t: Transaction): Promise<number> {
  const [, added] = await database().query(
    `INSERT INTO projects (slug, revision, doc)
       SELECT doc->>'slug', (doc->>'revision')::integer, doc FROM jsonb_array_elements($1::jsonb) AS doc
     ON CONFLICT DO NOTHING`,
    { bind: [JSON.stringify(projects)], type: QueryTypes.INSERT, transaction: t },
  );
  return Number(added);
}
