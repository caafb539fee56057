import type { Avoid, Loop, Skill } from '../../core/studio';
import type { RosterProject } from './roster-line';

/** Takes the first match of a pattern out of a text. */
export interface Taken {
  readonly found: RegExpExecArray | null;
  readonly rest: string;
}

export function take(text: string, pattern: RegExp): Taken {
  const found = pattern.exec(text);
  return { found, rest: found ? `${text.slice(0, found.index)} ${text.slice(found.index + found[0].length)}` : text };
}

/** A pattern for any of some words, as whole words. */
const anyOf = (...words: readonly string[]): RegExp =>
  new RegExp(`(?<![\\p{L}\\d])(?:${words.join('|')})(?![\\p{L}\\d])`, 'iu');

const SKILL_WORDS: readonly [Skill, RegExp][] = [
  ['new', anyOf('absolute beginner', 'beginner', 'first[- ]?timer?', 'never done it', 'novice', 'newbie', 'new')],
  ['steady', anyOf('steady', 'intermediate', 'improver', 'done (?:it|this|some|one) before', 'some experience', 'ok')],
  ['fluent', anyOf('fluent', 'experienced', 'advanced', 'expert', 'confident')],
];

const AVOID_WORDS: readonly [Avoid, RegExp][] = [
  [
    'nickel',
    anyOf(
      '(?:is )?allergic to nickel',
      'nickel[- ]?allerg(?:y|ic)',
      'no nickel',
      'nickel[- ]?free',
      'reacts to nickel',
    ),
  ],
  ['synthetic', anyOf('no synthetics?', 'no nylon', 'natural (?:cord|fibres?|fibers?)(?: only)?', 'cotton only')],
];

const LOOP_WORDS: readonly [Loop, RegExp][] = [
  ['neck', anyOf('neck(?: loop)?', 'lanyard')],
  ['wrist', anyOf('wrist loop')],
  ['finger', anyOf('finger(?: loop)?')],
];

function takeWord<T>(
  text: string,
  words: readonly (readonly [T, RegExp])[],
): { word: T | null; found: string; rest: string } {
  for (const [word, pattern] of words) {
    const { found, rest } = take(text, pattern);
    if (found) return { word, found: found[0], rest };
  }
  return { word: null, found: '', rest: text };
}

export const takeSkill = (text: string) => takeWord(text, SKILL_WORDS);
export const takeAvoid = (text: string) => takeWord(text, AVOID_WORDS);
export const takeLoop = (text: string) => takeWord(text, LOOP_WORDS);

/** Words in projects' names that say nothing of which project is meant. */
const COMMON = new Set(['with', 'middle', 'sides', 'band', 'cord', 'knot', 'class', 'doubled', 'hand', 'wrist']);

/** What people call a kind of piece. */
const KIND_WORDS = {
  bracelet: ['bracelet', 'wristband'],
  keychain: ['key ?chain', 'key ?ring', 'key ?fob', 'fob', 'lanyard'],
};

/** The words of a name, without those that only hold it together. */
const wordsOf = (name: string): string[] =>
  (name.toLowerCase().match(/\p{L}{3,}/gu) ?? []).filter((word) => !['and', 'the', 'with'].includes(word));

/** What names each of some projects, the surest first. */
function projectWords(projects: readonly RosterProject[]): readonly (readonly [string, RegExp])[] {
  const escape = (s: string): string => s.replace(/[.*+?^${}()|[\]\\]/g, '\\$&');
  const exact = projects.map((p): [string, RegExp] => [p.slug, anyOf(escape(p.slug), escape(p.name))]);
  const words = projects.flatMap((p) =>
    (p.name.toLowerCase().match(/\p{L}{4,}/gu) ?? [])
      .filter((word) => !COMMON.has(word))
      .map((word) => ({ slug: p.slug, word })),
  );
  const own = words.filter(({ slug, word }) => !words.some((other) => other.word === word && other.slug !== slug));
  /** The words of a project's name, or of what it is, that may stand beside what names it. */
  const beside = ({ name, kind }: RosterProject): string => `(?:${[...wordsOf(name), ...KIND_WORDS[kind]].join('|')})`;
  // “Reversible slider” is no person called Slider.
  const byWord = own.map(({ slug, word }): [string, RegExp] => {
    const next = beside(projects.find((p) => p.slug === slug)!);
    return [slug, anyOf(`(?:${next}[ -]+)*${escape(word)}(?:[ -]+${next})*`)];
  });
  // Two words that only one name has both of: “centre bead”, “bead slider”.
  const byPair = projects.flatMap((p): [string, RegExp][] =>
    wordsOf(p.name).flatMap((one, i, all) =>
      all
        .slice(i + 1)
        .flatMap((two): [string, RegExp][] =>
          projects.some((other) => other !== p && [one, two].every((word) => wordsOf(other.name).includes(word)))
            ? []
            : [[p.slug, anyOf(`(?:${one}[ -]+${two}|${two}[ -]+${one})(?:[ -]+${beside(p)})*`)]],
        ),
    ),
  );
  const byKind = (['bracelet', 'keychain'] as const).flatMap((kind): [string, RegExp][] => {
    const its = projects.filter((p) => p.kind === kind);
    return its.length === 1 ? [[its[0]!.slug, anyOf(...KIND_WORDS[kind])]] : [];
  });
  // “buckle band” and “ring fob” in either order, before single words.
  const turned = projects.map((p): [string, RegExp] => [
    p.slug,
    anyOf(p.name.toLowerCase().split(' ').reverse().map(escape).join(' ')),
  ]);
  return [...exact, ...turned, ...byPair, ...byWord, ...byKind];
}

const known = new WeakMap<readonly RosterProject[], ReturnType<typeof projectWords>>();

/**
 * The project a text names: by slug, by name, by two words or one of its name that no other has, or by its kind where there is just
 * one of that kind.
 */
export function takeProject(text: string, projects: readonly RosterProject[]) {
  // Patterns are made once a list: a list of people asks for them hundreds of times.
  const words = known.get(projects) ?? projectWords(projects);
  known.set(projects, words);
  return takeWord(text, words);
}
