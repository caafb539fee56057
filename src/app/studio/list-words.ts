import type { ListWord, ListWords, Settings } from '../../core/studio';
import { SHIPPED_VOCABULARY, withWords, wordsOf, type Vocabulary } from '../../formats/roster';

export const NO_WORDS: ListWords = { added: [], dropped: [] };

/** What words of lists mean in a studio. */
export const vocabularyOf = ({ words = NO_WORDS }: Pick<Settings, 'words'>): Vocabulary =>
  withWords(SHIPPED_VOCABULARY, words);

/** The same, word by word. */
export function listWords(settings: Pick<Settings, 'words'>): ListWord[] {
  const vocabulary = vocabularyOf(settings);
  return [...wordsOf(vocabulary), ...(vocabulary.taught ?? [])];
}
