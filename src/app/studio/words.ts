import { Problem } from '../../core/problem';
import type { ListWord, ListWords } from '../../core/studio';
import { differences, SHIPPED_VOCABULARY, taught } from '../../formats/roster';
import { inTransaction } from '../../data/database/transaction';
import { updateSettings } from '../../data/studio';
import { NO_WORDS } from './list-words';
import { openSettings, type SettingsView } from './settings';
import { readStudio } from './studio';

/** More would be no studio's words. */
const MOST = 1000;

async function keepWords(next: (words: ListWords) => ListWords): Promise<SettingsView> {
  await inTransaction(async (t) => {
    const { settings, version } = await readStudio(t);
    const words = next(settings.words ?? NO_WORDS);
    if (words.added.length > MOST || words.dropped.length > MOST)
      throw new Problem(422, 'too-many', `At most ${MOST} words of your own.`, { pointer: '/words' });
    if (!(await updateSettings(version, { ...settings, words }, t)))
      throw new Problem(409, 'stale', 'The settings were changed meanwhile: try again.');
  });
  return openSettings();
}

/** Keeps one more word, on the say-so of whoever saw it read. */
export const teachWord = (word: ListWord): Promise<SettingsView> =>
  keepWords((words) => taught(words, SHIPPED_VOCABULARY, word));

/** Keeps the words as they were edited. */
export const editWords = (words: readonly ListWord[]): Promise<SettingsView> =>
  keepWords(() => differences(SHIPPED_VOCABULARY, words));
