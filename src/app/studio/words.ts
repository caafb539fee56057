import { Problem, stale } from '../../core/problem';
import type { ListWord, ListWords } from '../../core/studio';
import { differences, SHIPPED_VOCABULARY, taught } from '../../formats/roster';
import { inTransaction } from '../../data/database/transaction';
import { readSettings, updateSettings } from '../../data/studio';
import { NO_WORDS } from './list-words';
import { openSettings, type SettingsView } from './settings';
import { readStudio } from './studio';

/** More would be no studio's words. */
const MOST = 1000;

async function keepWords(next: (words: ListWords) => ListWords, seen: number | null): Promise<SettingsView> {
  await inTransaction(async (t) => {
    const { settings, version } = await readStudio(t);
    const words = next(settings.words ?? NO_WORDS);
    if (words.added.length > MOST || words.dropped.length > MOST)
      throw new Problem(422, 'too-many', `At most ${MOST} words of your own.`, { pointer: '/words' });
    if (!(await updateSettings(seen ?? version, { ...settings, words }, t)))
      throw stale('settings page', await readSettings(t));
  });
  return openSettings();
}

/** Keeps one more word, on the say-so of whoever saw it read; the others stay, whoever changed them meanwhile. */
export const teachWord = (word: ListWord): Promise<SettingsView> =>
  keepWords((words) => taught(words, SHIPPED_VOCABULARY, word), null);

/** Keeps the words as they were edited, from the settings as they were seen. */
export const editWords = (version: number, words: readonly ListWord[]): Promise<SettingsView> =>
  keepWords(() => differences(SHIPPED_VOCABULARY, words), version);
