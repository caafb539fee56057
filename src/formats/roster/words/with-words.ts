import type { ListWord, ListWords } from '../../../core/studio';
import { wordsIn, type Vocabulary } from './vocabulary';

/** Words that are the same to a reader, whatever stands between them. */
const keyOf = (text: string): string => wordsIn(text).join(' ');
const sameWord = (a: ListWord, b: ListWord): boolean =>
  a.as === b.as && a.means === b.means && keyOf(a.text) === keyOf(b.text);

const PLACES = ['pieces', 'skills', 'skin'] as const;
const AS = { pieces: 'project', skills: 'skill', skin: 'skin' } as const;

/** Every word of a vocabulary with what it means, one after the other; not what it was taught. */
export function wordsOf(vocabulary: Vocabulary): ListWord[] {
  return [
    ...PLACES.flatMap((place) =>
      Object.entries<readonly string[]>(vocabulary[place]).flatMap(([means, texts]) =>
        texts.map((text) => ({ text, as: AS[place], means })),
      ),
    ),
    ...Object.entries(vocabulary.colours).map(([text, means]) => ({ text, as: 'colour' as const, means })),
  ];
}

/** How some words differ from a vocabulary's: what to keep of them, so that new words of the vocabulary are not shut out. */
export function differences(vocabulary: Vocabulary, words: readonly ListWord[]): ListWords {
  const shipped = wordsOf(vocabulary);
  return {
    added: words.filter((word) => !shipped.some((own) => sameWord(own, word))),
    dropped: shipped.filter((own) => !words.some((word) => sameWord(own, word))),
  };
}

/** One more word; what the same words meant before, they mean no more. */
export function taught({ added, dropped }: ListWords, vocabulary: Vocabulary, word: ListWord): ListWords {
  const others = wordsOf(vocabulary).filter((own) => keyOf(own.text) === keyOf(word.text) && !sameWord(own, word));
  const isShipped = wordsOf(vocabulary).some((own) => sameWord(own, word));
  return {
    added: [...added.filter(({ text }) => keyOf(text) !== keyOf(word.text)), ...(isShipped ? [] : [word])],
    dropped: [...dropped.filter(({ text }) => keyOf(text) !== keyOf(word.text)), ...others],
  };
}

/** A vocabulary with a studio's own words: what they mean goes before what any other words do. */
export function withWords(vocabulary: Vocabulary, { added, dropped }: ListWords): Vocabulary {
  const left = wordsOf(vocabulary).filter((own) => !dropped.some((word) => sameWord(word, own)));
  const of = (as: ListWord['as'], means: string): string[] =>
    left.filter((word) => word.as === as && word.means === means).map(({ text }) => text);
  const pieces = Object.keys(vocabulary.pieces).map((slug): [string, string[]] => [slug, of('project', slug)]);
  const colours = left.filter(({ as }) => as === 'colour').map(({ text, means }) => [text, means]);
  return {
    ...vocabulary,
    taught: added,
    pieces: Object.fromEntries(pieces),
    skills: { new: of('skill', 'new'), steady: of('skill', 'steady'), fluent: of('skill', 'fluent') },
    skin: { nickel: of('skin', 'nickel'), synthetic: of('skin', 'synthetic'), note: of('skin', 'note') },
    colours: Object.fromEntries(colours),
  };
}
