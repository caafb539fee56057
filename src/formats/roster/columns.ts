import { girthAt, ageAt, schoolYearAt } from './words/measures';
import { leadingMarks, NOTHING, UNKNOWN } from './words/line-words';
import { nothingFound, type Findings } from './findings';
import type { Role } from './roster-line';
import { Stretch } from './read-stretch';
import { answerOf, COMING, PLACES, unitIn } from './words/column-roles';
import { birthdayAt } from './words/birthday';
import { matchAt } from './words/tokens';
import { wordsIn, type Phrases } from './words/vocabulary';

/** Columns that the name of a person is in. */
export const NAMES: ReadonlySet<Role> = new Set(['name', 'first', 'last']);

/** A cell of a line and where it stands. */
export interface Cell {
  readonly text: string;
  readonly from: number;
  readonly to: number;
}

/** Cells of a line between separators; in quotes a separator is none. */
export function cellsOf(line: string, separator: string): Cell[] {
  const cells: Cell[] = [];
  let from = 0;
  let quoted = false;
  const cut = (to: number): void => {
    const raw = line.slice(from, to);
    const inner = raw.trim();
    const text =
      inner.length >= 2 && inner.startsWith('"') && inner.endsWith('"')
        ? inner.slice(1, -1).replaceAll('""', '"')
        : inner;
    cells.push({ text, from, to });
  };
  for (let i = 0; i < line.length; i++) {
    if (line[i] === '"' && (quoted || line.slice(from, i).trim() === '')) quoted = !quoted;
    else if (line[i] === '"' && quoted) quoted = false;
    else if (line[i] === separator && !quoted) {
      cut(i);
      from = i + 1;
    }
  }
  cut(line.length);
  // A table of Markdown stands between bars.
  if (separator === '|' && cells.length > 2 && cells[0]!.text === '' && cells.at(-1)!.text === '')
    return cells.slice(1, -1);
  return cells;
}

/** What the values of a column without a known heading say that it holds. */
export function roleByValues(values: readonly string[], phrases: Phrases, heading: string): Role {
  const filled = values.map((value) => value.trim()).filter((value) => value !== '' && !NOTHING.test(value));
  if (filled.length === 0) return 'note';
  const share = (test: (value: string) => boolean): number => filled.filter(test).length / filled.length;
  const means = (as: string) => (value: string) => phraseOf(value, phrases)?.as === as;
  if (
    share((value) => {
      const girth = girthAt(value, 0, 'wrist', true);
      return girth !== null && girth.mm !== null && /[.,]|cm|mm|in|"|½|¼|¾|\d{3}/i.test(value);
    }) >= 0.6
  )
    return 'wrist';
  // Small numbers under a heading that is not known may count anything.
  const isAge = (value: string): boolean => (heading === '' && /^\d{1,2}$/.test(value)) || ageAt(value, 0) !== null;
  const isBirthday = (value: string): boolean => heading === '' && birthdayAt(value, 0)?.to === value.length;
  if (share(isAge) >= 0.6 || share(isBirthday) >= 0.6) return 'age';
  for (const as of ['project', 'skill', 'skin', 'colour'] as const) if (share(means(as)) >= 0.6) return as;
  return 'note';
}

/** What a whole cell means, where it is one phrase. */
export function phraseOf(text: string, phrases: Phrases) {
  const words = wordsIn(text);
  for (const { words: own, means } of phrases.get(words[0] ?? '') ?? [])
    if (own.length <= words.length && own.every((word, i) => word === words[i])) return means;
  return null;
}

const asked = (
  found: Findings,
  field: 'wrist' | 'hand' | 'age' | 'skill' | 'project' | 'colour',
  text: string,
): void => {
  found.faults.push({ field, text, problem: `“${text}” was not understood as ${field}; it is kept as a note` });
  found.notes.push(text);
};

/** A birthday says an age once the day is known on which it counts; any other words are asked about. */
function askBirthday(found: Findings, text: string): void {
  const born = birthdayAt(text, 0);
  if (born?.to !== text.trimEnd().length) return asked(found, 'age', text);
  found.faults.push({ field: 'age', text, problem: `Born on ${text}: how old are they?`, born: born.days });
}

/** A name that a list has by its last part, “Quay, Otis”, as it is spoken. */
export const inOrder = (name: string): string =>
  name.replace(
    /^([\p{L}\p{M}'’-]+(?: [\p{L}\p{M}'’-]+)?), (\p{Lu}[\p{L}\p{M}'’-]*(?: \p{Lu}[\p{L}\p{M}'’.-]*)?)$/u,
    '$2 $1',
  );

/** Reads a cell as what its column holds, into the findings of its line. */
export function readCell(
  role: Role,
  line: string,
  { text, from, to }: Cell,
  heading: string,
  phrases: Phrases,
  found: Findings,
): void {
  if (text === '') return;
  const all = (as: Findings['spans'][number]['as']): void => void found.spans.push({ from, to, as });
  switch (role) {
    case 'number':
      if (PLACES.test(heading.trim()) && Number(text) > 1)
        found.faults.push({ field: 'line', text, problem: `“${text}” places: one more seat, and for whom?` });
      return all('noise');
    case 'contact':
      return all('noise');
    case 'name':
    case 'first':
    case 'last': {
      const start = leadingMarks(text, 0, text.length);
      const aged = /\(\s*\d{1,2}\s*\)?\s*$/.exec(text);
      if (aged) found.ages.push({ age: Number(/\d+/.exec(aged[0])![0]), from, to });
      const name = inOrder(text.slice(start, aged?.index ?? text.length).trim());
      if (name) found.runs.push({ from, to, text: name });
      return all('name');
    }
    case 'age': {
      all('age');
      if (NOTHING.test(text) || matchAt(UNKNOWN, text, 0)) return;
      const age = /^(\d{1,3})(?:\s*(?:[½¼¾]|1\/2)|[.,]\d)?$/.exec(text);
      const worded = age ? null : ageAt(text, 0);
      if (age && Number(age[1]) <= 120) found.ages.push({ age: Number(age[1]), from, to });
      else if (worded && worded.to >= text.trimEnd().length) {
        found.ages.push({ age: worded.age, from, to });
        if (worded.ask) found.faults.push({ field: 'age', text, problem: worded.ask });
      } else if (/^(?:adult|grown[- ]?up|over 18|18\+)$/i.test(text) || schoolYearAt(text, 0) === text.length)
        found.notes.push(text);
      else askBirthday(found, text);
      return;
    }
    case 'wrist':
    case 'hand': {
      all(role);
      if (NOTHING.test(text) || matchAt(UNKNOWN, text, 0)) return;
      const girth = girthAt(text, 0, role, true, unitIn(heading));
      if (!girth) return asked(found, role, text);
      if (girth.problem !== null)
        found.faults.push({
          field: role,
          text,
          problem: girth.problem,
          ...(girth.choices && { choices: girth.choices }),
        });
      else if (girth.either)
        found.faults.push({ field: role, text, problem: `“${text}”: which of the two? taken as between them` });
      if (role === 'hand') found.hand = girth.mm === null ? null : Math.round(girth.mm);
      else found.wrists.push({ mm: girth.mm, estimate: girth.estimate, from, to });
      const rest = text.slice(girth.to).trim();
      if (/[\p{L}\d]/u.test(rest) && !/^(?:wrist|ish|est)/i.test(rest)) found.notes.push(rest);
      return;
    }
    case 'skill':
    case 'project': {
      if (NOTHING.test(text) && !(role === 'skill' && /^no(?:ne)?$/i.test(text))) return all(role);
      const own = nothingFound();
      new Stretch(line, from, to, { leads: false, phrases }, own).read();
      if (role === 'skill') {
        const yes = /^(?:y|yes|yep|true|a few|✓|✔)$/i.test(text);
        const no = /^(?:n|no|nope|none|false|✗|x)$/i.test(text);
        const whole = phraseOf(text, phrases);
        const skill = whole?.as === 'skill' ? whole.skill : (own.skill ?? (yes ? 'steady' : no ? 'new' : null));
        if (skill) found.skill = skill;
        else asked(found, 'skill', text);
      } else if (own.projects.length > 0) found.projects.push({ ...own.projects[0]!, sure: true });
      else asked(found, 'project', text);
      if (role === 'project') {
        found.colours.push(...own.colours);
        Object.assign(found.options, own.options);
        if (new Set(own.projects.map(({ slug }) => slug)).size > 1)
          found.faults.push({ field: 'project', text, problem: 'It names more than one piece: which?' });
      }
      return all(role);
    }
    case 'colour': {
      const own = nothingFound();
      new Stretch(line, from, to, { leads: false, phrases }, own).read();
      found.colours.push(...own.colours);
      if (own.colours.length === 0 && !NOTHING.test(text)) found.notes.push(text);
      return all('colour');
    }
    case 'skin':
    case 'note': {
      const coming = COMING.test(heading.trim()) ? answerOf(text) : null;
      if (coming === 'no')
        found.faults.push({ field: 'line', text, problem: `“${heading.trim()} ${text}”: is there a seat for them?` });
      if (coming === 'yes' || (coming === null && NOTHING.test(text))) return all(role);
      const own = nothingFound();
      new Stretch(line, from, to, { leads: false, phrases }, own).read();
      for (const avoid of own.avoid) if (!found.avoid.includes(avoid)) found.avoid.push(avoid);
      // A remark that is a skill and no more says it.
      const whole = phraseOf(text, phrases);
      if (whole?.as === 'skill') found.skill ??= whole.skill;
      found.notes.push(text);
      return all(role);
    }
    case 'free':
      new Stretch(line, from, to, { leads: false, phrases }, found).read();
  }
}
