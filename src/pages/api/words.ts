import { editWords, teachWord } from '../../app/studio/words';
import { checkWord, checkWords } from '../../http/checks';
import { writes } from '../../http/endpoint';

export const POST = writes(checkWord, (word) => teachWord(word));
export const PUT = writes(checkWords, ({ version, words }) => editWords(version, words));
