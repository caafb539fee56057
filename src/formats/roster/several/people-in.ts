import type { Findings } from '../findings';
import { bareName, isName, namesOne } from '../names';
import type { SaidSpan } from '../said';
import { isFiller, isHeadingWord, NOISE } from '../words/line-words';
import { ageAt, BARE_CM, girthAt, within } from '../words/measures';
import { matchAt } from '../words/tokens';
import { wordsIn, type Phrases } from '../words/vocabulary';

const WORD = String.raw`\p{Lu}[\p{L}\p{M}'’.-]{1,30}`;
/** Words in capitals, then a number: “Pell Marr 17”, “Pell: 17 cm”, “Pell (17)”, “Pell, 17 cm”, “Pell aged 9”, “Pell, who is 9”, “Pell, wrist 17”. */
const HEAD = new RegExp(
  String.raw`(?<![\p{L}\p{M}\d'’.-])((?:(?:${WORD}|van|von|de|der|den|la|le|du|da|di|dos|bin|al|el) ){0,3}${WORD})` +
    String.raw`(\s{1,3}|\s?[:=–—-]\s?|\s?\(\s?|\s?[,;]\s?)(wrist(?: size)?:? |(?:who(?:['’]s| is)|is) (?:only )?|only )?(?=[~≈\d¼½¾]|(?:about|approx|ca|aged?)(?!\p{L}))`,
  'gu',
);
/** Names of what has a number and is nobody. */
const NUMBERED = new Set(
  'age aged wrist hand left right size year class form grade level skill seat bag row line page no nr number flat house unit bay tel phone mobile paid fee deposit bead beads board boards jan feb mar apr jun jul aug sep sept oct nov dec adults teens people'.split(
    ' ',
  ),
);
/** Places and ways with a number, which are also people’s names: with a bare number they are no people. */
const PLACES =
  /(?:^| )(?:bus|tram|train|gate|door|floor|exit|platform|studio|hall|street|lane|road|avenue|quay|pier|stop|route)$/i;
const BARE = /\d{1,2}(?![\d\p{L}½¼¾]|[.,:/]\d|\s?(?:mm|cm|in)(?!\p{L}))/uy;
/** What ends a part before the next one: marks, “and”, and the number of what comes, where the part has one of its own. */
const MARKS = /(?:\s*[,;/|+&]|\s+(?:and|&|\+|und|et|y)|\s+[–—-])*\s*$/iu;
const NUMBER = /(?<=\d.*)\s+#?\(?\d{1,2}[.)]$/u;
const withoutTail = (part: string): string => part.replace(MARKS, '').replace(NUMBER, '').replace(MARKS, '');

interface Head {
  readonly at: number;
  /** Whether the number is a wrist, and not perhaps an age. */
  readonly sure: boolean;
  /** Whether a word says what the number is: “who is 9”. */
  readonly said: boolean;
}

/** How many words a piece, a skill or a colour takes at the beginning of some, and whether it is a colour. */
function meaningWords(words: readonly string[], phrases: Phrases): { skip: number; colour: boolean } {
  const [first = ''] = words;
  const own = wordsIn(words.join(' '));
  const found = phrases.get(wordsIn(first)[0] ?? '')?.find(({ words: phrase }) => phrase.every((w, i) => own[i] === w));
  if (!found || found.means.as === 'noise' || found.means.as === 'note') return { skip: 0, colour: false };
  return { skip: found.words.length, colour: found.means.as === 'colour' };
}

/** Whether words are somebody’s name, and none of them is of a list’s own or of a sentence. */
export const namesPerson = (words: readonly string[], isSmall: boolean): boolean =>
  namesOne(words.join(' ')) &&
  words.every((word) => {
    const lower = word.toLowerCase().replace(/\.$/, '');
    return !NUMBERED.has(lower) && !NOISE.has(lower) && !isFiller(isSmall ? lower : word) && !isHeadingWord(lower);
  });

/** Where the name of a head begins, words of pieces and skills before it left out; null where it is nobody’s. */
function nameAt(name: string, leads: boolean, isSmall: boolean, phrases: Phrases): number | null {
  let words = name.split(' ');
  const { skip, colour } = meaningWords(words, phrases);
  // “Rose 17” is somebody, “Ring fob Pell 17” is Pell; what leads a line is a name.
  if (skip > 0 && !leads && !(colour && skip === words.length)) words = words.slice(skip);
  return namesPerson(words, isSmall) ? name.length - words.join(' ').length : null;
}

/** Names with a number of their own right after them. */
function headsOf(text: string, from: number, phrases: Phrases): Head[] {
  const heads: Head[] = [];
  const own = text.slice(from);
  // A list in small letters throughout has its names in small letters.
  const isSmall = own === own.toLowerCase();
  const shown = isSmall ? own.replace(/(?<![\p{L}\p{M}'’])\p{Ll}/gu, (letter) => letter.toUpperCase()[0]!) : own;
  for (const { index, 0: whole, 1: name = '', 2: mark = '', 3: word = '' } of shown.matchAll(HEAD)) {
    const number = from + index + whole.length;
    const at = nameAt(name, index === 0, isSmall, phrases);
    if (at === null) continue;
    const girth = girthAt(text, number, 'wrist', word.startsWith('wrist'));
    if (!girth && PLACES.test(name)) continue;
    const age = girth ? null : (ageAt(text, number)?.age ?? matchAt(BARE, text, number)?.[0] ?? null);
    // “Wren Ashby, 12, Pell Marr, 15 cm”: a number in a field of its own says whose it is only by its unit.
    if (girth || (age !== null && (word !== '' || !/[,;]/.test(mark))))
      heads.push({
        at: from + index + at,
        said: word !== '',
        sure: girth !== null || (typeof age === 'string' && within(Number(age), BARE_CM)),
      });
  }
  return heads;
}

/** Names with a wrist of each somewhere behind them: “Tilly Ross new 13 cm, Max Ross steady 14 cm”; none where a wrist has no name. */
function namesWithWrists({ wrists, runs }: Findings): number[] {
  const inOrder = [...wrists].sort((a, b) => a.from - b.from);
  const all = inOrder.flatMap((wrist, i): number[] => {
    const after = inOrder[i - 1]?.to ?? 0;
    const run = runs.findLast(
      (own) => own.from >= after && own.to <= wrist.from && isName(own) && /^\p{Lu}/u.test(bareName(own.text)),
    );
    return run ? [run.from] : [];
  });
  return all.length === inOrder.length ? all : [];
}

/** A stretch of a line that is about one of several people. */
export interface Part {
  readonly from: number;
  readonly to: number;
}

/**
 * The stretches of a line on which several people have a number each, “Osra 16.5, Pell 17 and Jo 15”, each from its name to the
 * next; none where there are not two.
 */
export function peopleIn(
  text: string,
  from: number,
  found: Findings,
  said: readonly SaidSpan[],
  phrases: Phrases,
): Part[] {
  // What somebody said is something else, or more of a name, begins nobody.
  const isElse = (at: number): boolean =>
    said.some((span) => at < span.to && (span.as === 'name' ? span.from < at : span.from <= at));
  const heads = headsOf(text, from, phrases).filter(({ at }) => !isElse(at));
  const isSure = heads.some(({ sure }) => sure);
  // Beside people with wrists, a name with an age counts where a wrist follows.
  const named = heads.filter(
    ({ at, sure, said: isSaid }, i) =>
      sure ||
      isSaid ||
      !isSure ||
      found.wrists.some((wrist) => wrist.from > at && wrist.from < (heads[i + 1]?.at ?? text.length)),
  );
  const starts = named.length >= 2 ? named.map(({ at }) => at) : namesWithWrists(found);
  if (starts.length < 2) return [];
  return starts.map((at, i) => {
    const end = starts[i + 1];
    return { from: at, to: end === undefined ? text.length : at + withoutTail(text.slice(at, end)).length };
  });
}
