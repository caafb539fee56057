import { AVOIDS, SKILLS, type Avoid, type ListWord, type Skill } from '../../../core/studio';
import type { RosterProject } from '../roster-line';
import SHIPPED from './vocabulary.json';

/** What people’s words in a list mean: of pieces by slug, kinds of them, skills, skin, and colours as hex. */
export interface Vocabulary {
  readonly pieces: Readonly<Record<string, readonly string[]>>;
  readonly kinds: Readonly<Record<'bracelet' | 'keychain', readonly string[]>>;
  readonly skills: Readonly<Record<Skill, readonly string[]>>;
  /** What is to be avoided, and what is only noted. */
  readonly skin: Readonly<Record<Avoid | 'note', readonly string[]>>;
  readonly colours: Readonly<Record<string, string>>;
  /** Words before a colour that are of it. */
  readonly shades: readonly string[];
  /** What a studio has taught: it goes before all else. */
  readonly taught?: readonly ListWord[];
}
export const SHIPPED_VOCABULARY: Vocabulary = SHIPPED;

/** What some words mean, as a line is read. */
export type Meaning =
  | { readonly as: 'project'; readonly slug: string; readonly strong: boolean }
  | { readonly as: 'skill'; readonly skill: Skill }
  | { readonly as: 'skin'; readonly avoid: Avoid | null }
  | { readonly as: 'colour'; readonly hex: string | null }
  | { readonly as: 'note' | 'noise' };

/** What a word that was taught means. */
export function meaningOf({ as, means }: Pick<ListWord, 'as' | 'means'>): Meaning {
  switch (as) {
    case 'project':
      return { as, slug: means, strong: true };
    case 'skill':
      return { as, skill: SKILLS.find((skill) => skill === means) ?? 'new' };
    case 'skin':
      return { as, avoid: AVOIDS.find((avoid) => avoid === means) ?? null };
    case 'colour':
      return { as, hex: /^#[\da-f]{6}$/i.test(means) ? means : null };
    case 'note':
    case 'noise':
      return { as };
  }
}

/** Phrases by their first word, the longest first: words in small letters. */
export type Phrases = ReadonlyMap<string, readonly { readonly words: readonly string[]; readonly means: Meaning }[]>;

/** The words of a text in small letters: what stands between them does not count. */
export const wordsIn = (text: string): string[] => text.toLowerCase().match(/[\p{L}\p{M}\d]+/gu) ?? [];

/** Words of projects' names that say nothing of which is meant, and that are anybody's words or names. */
const EVERYDAY = new Set(
  'with in the a and of band bands bracelet bracelets cord cords knot knots ring rings bead beads charm charms hand class centre center middle side sides row two three one colour color fold slide on doubled double strand slider'.split(
    ' ',
  ),
);

/** Every phrase of a vocabulary, with the names of the studio's own projects; the first to claim a phrase has it. */
export function phrasesOf(vocabulary: Vocabulary, projects: readonly RosterProject[]): Phrases {
  const all = new Map<string, { words: readonly string[]; means: Meaning }[]>();
  const claimed = new Set<string>();
  const add = (text: string, means: Meaning): void => {
    const words = wordsIn(text);
    const key = words.join(' ');
    if (words.length === 0 || claimed.has(key)) return;
    claimed.add(key);
    all.set(words[0]!, [...(all.get(words[0]!) ?? []), { words, means }]);
  };
  const piece = (slug: string, strong = true): Meaning => ({ as: 'project', slug, strong });
  for (const word of vocabulary.taught ?? []) add(word.text, meaningOf(word));
  for (const { slug, name } of projects) {
    add(name, piece(slug));
    add(slug.replaceAll('-', ' '), piece(slug));
    add([...wordsIn(name)].reverse().join(' '), piece(slug));
  }
  const there = new Set(projects.map(({ slug }) => slug));
  for (const [slug, texts] of Object.entries(vocabulary.pieces))
    if (there.has(slug)) texts.forEach((text) => add(text, piece(slug)));
  // A kind of piece of which there is just one; then words that a single project's name has.
  for (const kind of ['keychain', 'bracelet'] as const) {
    const its = projects.filter((project) => project.kind === kind);
    if (its.length === 1) vocabulary.kinds[kind].forEach((text) => add(text, piece(its[0]!.slug)));
  }
  const words = projects.flatMap(({ slug, name }) => wordsIn(name).map((word) => ({ slug, word })));
  for (const { slug, word } of words)
    if (word.length > 3 && !EVERYDAY.has(word) && !words.some((other) => other.word === word && other.slug !== slug))
      add(word, piece(slug, false));
  // Two words that only one name has both of.
  for (const { slug, name } of projects) {
    const own = wordsIn(name).filter((word) => word.length > 2);
    own.forEach((one, i) =>
      own.slice(i + 1).forEach((two) => {
        const others = projects.some(
          (other) => other.slug !== slug && [one, two].every((word) => wordsIn(other.name).includes(word)),
        );
        if (!others) [`${one} ${two}`, `${two} ${one}`].forEach((text) => add(text, piece(slug)));
      }),
    );
  }
  for (const skill of ['new', 'steady', 'fluent'] as const)
    vocabulary.skills[skill].forEach((text) => add(text, { as: 'skill', skill }));
  for (const avoid of ['nickel', 'synthetic'] as const)
    vocabulary.skin[avoid].forEach((text) => add(text, { as: 'skin', avoid }));
  vocabulary.skin.note.forEach((text) => add(text, { as: 'skin', avoid: null }));
  for (const [text, hex] of Object.entries(vocabulary.colours)) {
    add(text, { as: 'colour', hex });
    vocabulary.shades.forEach((shade) => add(`${shade} ${text}`, { as: 'colour', hex }));
  }
  for (const phrases of all.values()) phrases.sort((a, b) => b.words.length - a.words.length);
  return all;
}
