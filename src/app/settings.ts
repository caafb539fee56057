import type { Cord } from '../core/cord';
import type { Hardware } from '../core/part';
import type { Project } from '../core/project';
import type { Settings } from '../core/studio';
import { readDocuments, readSettings, updateDocument, updateSettings, type Versioned } from '../data/studio';
import { inTransaction } from '../data/transaction';
import { notFound, Problem, stale } from '../core/problem';
import { readStudio } from './studio';

/** Everything a studio can change once for all sessions. */
export interface SettingsView {
  readonly settings: Settings;
  readonly version: number;
  readonly cords: readonly Versioned<Cord>[];
  readonly hardware: readonly Versioned<Hardware>[];
  readonly projects: readonly Project[];
}

export function openSettings(): Promise<SettingsView> {
  return inTransaction(async (t) => {
    const { settings, version, catalogue } = await readStudio(t);
    const cords = await readDocuments('cords', t);
    const hardware = await readDocuments('hardware', t);
    return {
      settings,
      version,
      cords: Object.values(cords),
      hardware: Object.values(hardware),
      projects: Object.values(catalogue.projects),
    };
  });
}

export async function editSettings(version: number, settings: Settings): Promise<SettingsView> {
  await inTransaction(async (t) => {
    if (!(await updateSettings(version, settings, t))) throw stale('settings page', await readSettings(t));
  });
  return openSettings();
}

/** Replaces a cord's or hardware's document; its slug stays. */
export async function editDocument(
  table: 'cords' | 'hardware',
  slug: string,
  version: number,
  doc: Cord | Hardware,
): Promise<SettingsView> {
  if (doc.slug !== slug)
    throw new Problem(422, 'slug', 'The slug of a catalogue entry cannot change.', { pointer: '/doc/slug' });
  await inTransaction(async (t) => {
    const rows = await readDocuments(table, t);
    if (!Object.hasOwn(rows, slug)) throw notFound('catalogue entry');
    if (!(await updateDocument(table, slug, version, doc, t))) throw stale('catalogue entry', rows[slug]);
  });
  return openSettings();
}
