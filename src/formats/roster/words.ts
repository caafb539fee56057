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

function takeWord<T>(text: string, words: readonly [T, RegExp][]): { word: T | null; found: string; rest: string } {
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

/** The project a text names: by slug, by name, by a word of its name, or by its kind where there is just one of that kind. */
export function takeProject(text: string, projects: readonly RosterProject[]) {
  const escape = (s: string): string => s.replace(/[.*+?^${}()|[\]\\]/g, '\\$&');
  const exact = projects.map((p): [string, RegExp] => [p.slug, anyOf(escape(p.slug), escape(p.name))]);
  const words = projects.flatMap((p) =>
    (p.name.toLowerCase().match(/\p{L}{4,}/gu) ?? [])
      .filter((word) => !COMMON.has(word))
      .map((word) => ({ slug: p.slug, word })),
  );
  const own = words.filter(({ slug, word }) => !words.some((other) => other.word === word && other.slug !== slug));
  // With the words of its name, or of what it is, that stand beside it: “reversible slider” is no person called Slider.
  const byWord = own.map(({ slug, word }): [string, RegExp] => {
    const { name, kind } = projects.find((p) => p.slug === slug)!;
    const beside = `(?:${[
      ...name
        .toLowerCase()
        .split(/[^\p{L}]+/u)
        .filter(Boolean),
      ...KIND_WORDS[kind],
    ].join('|')})`;
    return [slug, anyOf(`(?:${beside}[ -]+)*${escape(word)}(?:[ -]+${beside})*`)];
  });
  const byKind = (['bracelet', 'keychain'] as const).flatMap((kind): [string, RegExp][] => {
    const its = projects.filter((p) => p.kind === kind);
    return its.length === 1 ? [[its[0]!.slug, anyOf(...KIND_WORDS[kind])]] : [];
  });
  // “buckle band” and “ring fob” in either order, before single words.
  const turned = projects.map((p): [string, RegExp] => [
    p.slug,
    anyOf(p.name.toLowerCase().split(' ').reverse().map(escape).join(' ')),
  ]);
  return takeWord(text, [...exact, ...turned, ...byWord, ...byKind]);
}
