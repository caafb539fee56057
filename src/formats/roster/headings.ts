import type { Skill } from '../../core/studio';
import { phraseOf } from './columns';
import { CANCELLED, isHeading, MAYBE } from './words/line-words';
import { nothingFound, type Findings } from './findings';
import { Stretch } from './read-stretch';
import { STRONG_SKILL } from './words/patterns';
import type { Above } from './seat-of';
import { wordsIn, type Phrases } from './words/vocabulary';

/** Whether a line measures somebody: a wrist, a hand or an age. */
export const hasMeasure = (found: Findings): boolean =>
  found.wrists.length > 0 ||
  found.ages.length > 0 ||
  found.hand !== null ||
  found.faults.some(({ field }) => field === 'wrist');
/** Whether a line says anything of a seat. */
export const hasData = (found: Findings): boolean =>
  hasMeasure(found) ||
  found.projects.length > 0 ||
  found.skill !== null ||
  found.avoid.length > 0 ||
  found.smalls.length > 0 ||
  found.colours.length > 0;

/** A skill that is all a line says, and so that of everybody below: “Beginners:”. */
function skillAlone(text: string, words: Phrases): Skill | null {
  const own = wordsIn(text).filter((word) => !GROUP.has(word));
  const means = own.length > 0 && own.length <= 4 ? phraseOf(own.join(' '), words) : null;
  if (means?.as !== 'skill') return null;
  return /:\s*$/.test(text) || STRONG_SKILL.has(own.at(-1)!) ? means.skill : null;
}

/** Whether nothing but a piece or a skill is on a line, and words that hold it together. */
function headsBelow(found: Findings, text: string): boolean {
  if (found.projects.length === 0 && found.skill === null) return false;
  const left = found.runs.flatMap((run) => wordsIn(run.text)).filter((word) => !GROUP.has(word));
  return left.length === 0 && (/:\s*$/.test(text) || found.projects.length > 0 || text === text.toUpperCase());
}
const GROUP = new Set(
  'band bands bracelet bracelets group groups the for and table people kids makers keychains keychain s only makers party'.split(
    ' ',
  ),
);

/** Whether a line that reads as a heading gives a name with something of a seat after it. */
const isNamed = (found: Findings, text: string): boolean =>
  !/:\s*$/.test(text) &&
  found.runs.length > 0 &&
  (found.projects.length > 0 || found.skill !== null) &&
  /[,;–—-]/.test(text);

/** What a line says that is nothing but a piece and a skill: “Advanced - ladder”. */
function meansAlone(text: string, words: Phrases): Above | null {
  const own = nothingFound();
  new Stretch(text, 0, text.length, { leads: false, phrases: words }, own).read();
  const left = own.runs.flatMap((run) => wordsIn(run.text)).filter((word) => !GROUP.has(word));
  const isBoth = own.projects.length === 1 && own.skill !== null;
  return isBoth && left.length === 0 && own.smalls.length === 0 && !hasMeasure(own)
    ? { project: own.projects[0]!.slug, skill: own.skill }
    : null;
}

/** What a line that heads those below says of them, if only that they are others; null where it heads none. */
export function headingOf(text: string, found: Findings, words: Phrases): Above | null {
  if (hasMeasure(found)) return null;
  // “Cancelled:”, “Reserves:”: of those below nobody has a seat yet.
  const coming =
    CANCELLED.test(text) || /^(?:no|declined|regrets|apologies)\s*:/i.test(text)
      ? 'cancelled'
      : MAYBE.test(text)
        ? 'reserve'
        : null;
  const skill = found.smalls.length === 0 ? skillAlone(text, words) : null;
  if (skill) return { project: null, skill };
  const both = meansAlone(text, words);
  if (both) return both;
  const heads = (found.smalls.length === 0 && headsBelow(found, text)) || (isHeading(text) && !isNamed(found, text));
  return heads ? { project: found.projects[0]?.slug ?? null, skill: found.skill, ...(coming && { coming }) } : null;
}
