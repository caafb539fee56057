import type { Cord } from '../../core/cord';
import type { Hardware } from '../../core/part';
import type { Catalogue, Project } from '../../core/project';
import type { ListWord, Settings } from '../../core/studio';
import { insertDocuments, latestDocuments } from '../../data/documents';
import { readSettings, updateSettings } from '../../data/studio';
import { inTransaction } from '../../data/database/transaction';
import { notFound, Problem, stale } from '../../core/problem';
import { isTimeZone } from './clock';
import { listWords } from './list-words';
import { shippedBeside } from './shipped';
import { readStudio } from './studio';

/** Everything a studio can change once for all sessions. */
export interface SettingsView {
  readonly settings: Settings;
  readonly version: number;
  readonly cords: readonly Cord[];
  readonly hardware: readonly Hardware[];
  readonly projects: readonly Project[];
  /** What words of pasted lists mean. */
  readonly words: readonly ListWord[];
  /** As they ship, those that the studio has changed. */
  readonly shipped: Pick<Catalogue, 'cords' | 'hardware'>;
}

export function openSettings(): Promise<SettingsView> {
  return inTransaction(async (t) => {
    const { settings, version, catalogue } = await readStudio(t);
    return {
      settings,
      version,
      cords: Object.values(catalogue.cords),
      hardware: Object.values(catalogue.hardware),
      projects: Object.values(catalogue.projects),
      words: listWords(settings),
      shipped: {
        cords: shippedBeside('cords', catalogue.cords),
        hardware: shippedBeside('hardware', catalogue.hardware),
      },
    };
  });
}

export async function editSettings(version: number, settings: Settings): Promise<SettingsView> {
  const { time_zone: zone } = settings;
  if (zone !== undefined && !isTimeZone(zone))
    throw new Problem(422, 'time-zone', `“${zone}” is no time zone. One is written as Europe/Lisbon or UTC.`, {
      pointer: '/settings/time_zone',
    });
  await inTransaction(async (t) => {
    if (!(await updateSettings(version, settings, t))) throw stale('settings page', await readSettings(t));
  });
  return openSettings();
}

/** Keeps a changed cord or hardware as its next revision; its slug stays. `base` is the revision it was changed from. */
export async function editDocument(
  table: 'cords' | 'hardware',
  slug: string,
  base: number,
  doc: Cord | Hardware,
): Promise<SettingsView> {
  if (doc.slug !== slug)
    throw new Problem(422, 'slug', 'The slug of a catalogue entry cannot change.', { pointer: '/doc/slug' });
  await inTransaction(async (t) => {
    const known = await latestDocuments(table, t);
    if (!Object.hasOwn(known, slug)) throw notFound('catalogue entry');
    const current = known[slug]!;
    const next = { ...doc, revision: base + 1 };
    // Revisions are counted without a gap: of two who change the same one, one finds the next taken.
    if (current.revision !== base || (await insertDocuments(table, [next as never], t)) === 0)
      throw stale('catalogue entry', current);
  });
  return openSettings();
}
