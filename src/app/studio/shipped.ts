import { createHash } from 'node:crypto';
import type { Transaction } from 'sequelize';
import { SHIPPED } from '../../../catalogue';
import HASHES from '../../../catalogue/shipped.json';
import type { Catalogue } from '../../core/project';
import { FIGURES, type Figures, type Settings } from '../../core/studio';
import { insertDocuments, latestDocuments, type DocumentTable } from '../../data/documents';
import { moveSeats, settleRevisions } from '../../data/sessions';
import { readSettings, updateSettings } from '../../data/studio';

export const TABLES = ['projects', 'cords', 'hardware'] as const;

/** A value with its keys in one order: the database keeps them in its own. */
function sorted(value: unknown): unknown {
  if (Array.isArray(value)) return value.map(sorted);
  if (value === null || typeof value !== 'object') return value;
  return Object.fromEntries(
    Object.entries(value)
      .sort(([a], [b]) => (a < b ? -1 : 1))
      .map(([key, inner]) => [key, sorted(inner)]),
  );
}

/** What a document says, whatever its revision and the order of its keys, as a short mark. */
export function markOf({ revision: _, ...doc }: { readonly revision: number }): string {
  return createHash('sha256')
    .update(JSON.stringify(sorted(doc)))
    .digest('hex')
    .slice(0, 20);
}

const SHIPPED_MARKS: Readonly<Record<DocumentTable, Readonly<Record<string, readonly string[]>>>> = HASHES;

/** The marks of every document that ever shipped under a slug. */
export const everShipped = (table: DocumentTable, slug: string): readonly string[] => SHIPPED_MARKS[table][slug] ?? [];

/**
 * Gives a studio what ships now. A document that it does not have is added; one that still says what shipped once moves on to what
 * ships now, as its next revision, and so do the seats that are planned with it and not cut. What the studio changed stays.
 */
export async function bringUpDocuments(t: Transaction): Promise<void> {
  for (const table of TABLES) {
    const known = await latestDocuments(table, t);
    for (const doc of Object.values(SHIPPED[table])) {
      const own = Object.hasOwn(known, doc.slug) ? known[doc.slug]! : null;
      if (!own) await insertDocuments(table, [doc], t);
      if (!own || markOf(own) === markOf(doc) || !everShipped(table, doc.slug).includes(markOf(own))) continue;
      const next = { ...doc, revision: own.revision + 1 };
      await insertDocuments(table, [next], t);
      if (table === 'projects') await moveSeats(doc.slug, own.revision, next.revision, t);
    }
  }
  await settleRevisions(t);
}

/**
 * Figures that still have a value they once started with take the one they start with now, and one past a limit of now comes to that
 * limit; what the studio changed stays otherwise.
 */
export function figuresBroughtUp(figures: Figures): Figures {
  const moved = FIGURES.filter(({ name }) => figures[name] !== undefined).map(
    ({ name, start, min, max, earlier = [] }): [string, number] => [
      name,
      earlier.includes(figures[name]) ? start : Math.min(max, Math.max(min, figures[name])),
    ],
  );
  return { ...figures, ...Object.fromEntries(moved) };
}

/** The same in the studio's settings, as their next revision. */
export async function bringUpFigures(t: Transaction): Promise<void> {
  const stored = await readSettings(t);
  if (!stored) return;
  const figures = figuresBroughtUp(stored.doc.figures);
  const same = FIGURES.every(({ name }) => figures[name] === stored.doc.figures[name]);
  if (!same) await updateSettings(stored.version, { ...stored.doc, figures } satisfies Settings, t);
}

/** Of some documents, those that the studio has changed, each as it ships: to be shown beside the studio's own. */
export function shippedBeside<K extends DocumentTable>(
  table: K,
  own: Readonly<Record<string, Catalogue[K][string]>>,
): Catalogue[K] {
  return Object.fromEntries(
    Object.entries<Catalogue[DocumentTable][string]>(SHIPPED[table]).filter(
      ([slug, doc]) => Object.hasOwn(own, slug) && markOf(own[slug]!) !== markOf(doc),
    ),
  ) as Catalogue[K];
}
