import { noteMeaning, type Findings } from './findings';
import { ageAt, agesAt, girthAt, isWritten, schoolYearAt } from './words/measures';
import { UNKNOWN } from './words/line-words';
import type { SpanKind } from './roster-line';
import {
  COLUMN_EDGE,
  contactEnd,
  HAND,
  WRIST,
  LANYARD,
  NAME,
  GUESSED,
  GLUED,
  GLYPH,
  saidInBrackets,
  STRONG_SKILL,
  TELLS_AGE,
} from './words/patterns';
import { wordsAndNumbers } from './words/words-and-numbers';
import { optionAt } from './words/option-at';
import { endsField, separates, spells } from './words/phrases';
import { matchAt, tokensOf, type Token } from './words/tokens';
import { vagueAt } from './words/vague';
import { wordsIn, type Meaning, type Phrases } from './words/vocabulary';

interface Ways {
  /** Whether the first words are a name unless something shows that they are not. */
  readonly leads: boolean;
  readonly phrases: Phrases;
}

/** Reads a stretch of a line, whatever order things stand in; what nothing takes is left as runs of words. */
export class Stretch {
  private readonly tokens: Token[];
  private lead: boolean;
  private run: { from: number; to: number } | null = null;
  private readonly mono: boolean;
  private readonly start: number;

  constructor(
    private readonly text: string,
    from: number,
    to: number,
    private readonly ways: Ways,
    private readonly found: Findings,
  ) {
    this.tokens = tokensOf(text, from, to);
    this.lead = ways.leads;
    const own = text.slice(from, to);
    this.mono = own === own.toLowerCase() || own === own.toUpperCase();
    this.start = this.tokens[0]?.from ?? to;
  }

  read(): void {
    for (let i = 0; i < this.tokens.length;) {
      const token = this.tokens[i]!;
      // A tab or a wide gap before or after a number is the edge of a column: the number is not of the name.
      if (this.run && COLUMN_EDGE.test(this.text.slice(this.run.to - 1, token.to))) this.endRun();
      const taken = this.separator(i) ?? this.special(token, i) ?? this.phrase(i);
      if (taken === null) this.extend(token);
      i = this.after(i, taken ?? token.to);
    }
    this.endRun();
  }

  private mark(from: number, to: number, as: SpanKind): number {
    this.endRun();
    this.found.spans.push({ from, to, as });
    this.lead = false;
    return to;
  }

  private after(i: number, to: number): number {
    let next = i;
    while (next < this.tokens.length && this.tokens[next]!.from < to) next += 1;
    return Math.max(next, i + 1);
  }

  private extend(token: Token): void {
    this.run = { from: this.run?.from ?? token.from, to: token.to };
  }

  private endRun(): void {
    const { run } = this;
    this.run = null;
    if (!run) return;
    const { runs, smalls } = wordsAndNumbers(this.text, run, this.lead && run.from === this.start);
    this.found.runs.push(...runs);
    this.found.smalls.push(...smalls);
  }

  /** A mark between fields. */
  private separator(i: number): number | null {
    const token = this.tokens[i]!;
    if (!separates(this.text, token, this.lead)) return null;
    return this.mark(token.from, token.to, 'noise');
  }

  /** What has a form of its own: girths, ages, addresses, loops and wraps. */
  private special(token: Token, i: number): number | null {
    const { text, from, to, lower, kind } = token;
    const startsWord = i === 0 || !/[\p{L}\d]/u.test(this.text[from - 1] ?? ' ');
    // “Osra16.5”, “Pell17cm”
    if (!startsWord)
      return kind === 'number' && GLUED.test(this.text.slice(from - 2, to + 4))
        ? this.girth(from, from, 'wrist', false)
        : null;
    const contact = contactEnd(this.text, token);
    if (contact !== null) return this.mark(from, contact, 'noise');
    if (kind === 'word') {
      const named = this.named(token);
      if (named !== null) return named;
      if (matchAt(LANYARD, this.text, from) && !this.isLeadName(i)) {
        this.found.options.loop ??= 'neck';
        return null;
      }
    }
    const option = optionAt(this.text, token);
    if (option && !(option.options.wraps && this.lead && i === 0)) {
      Object.assign(this.found.options, option.options);
      if (option.isLanyard) this.found.projects.push({ slug: 'fob-ring', from, to: option.to, sure: true });
      return this.mark(from, option.to, 'option');
    }
    const vague = kind === 'word' && !(this.lead && i === 0) ? vagueAt(this.text, from) : null;
    if (vague) {
      const { to: end, as, problem, born } = vague;
      const said = this.text.slice(from, end);
      if (as !== 'noise' && problem) this.found.faults.push({ field: as, text: said, problem, ...(born && { born }) });
      if (problem && !born) this.found.notes.push(said);
      return this.mark(from, end, as);
    }
    const school = kind === 'word' || kind === 'number' ? schoolYearAt(this.text, from) : null;
    if (school !== null) {
      const { lead } = this;
      this.found.notes.push(this.text.slice(from, school));
      this.mark(from, school, 'note');
      // “Year 4: Sam Wood”: the name comes after.
      this.lead = lead && i === 0;
      return school;
    }
    const may = kind !== 'word' || TELLS_AGE.test(lower);
    const two = may ? agesAt(this.text, from) : null;
    for (const age of two?.ages ?? []) this.found.ages.push({ age, from, to: two!.to });
    if (two) return this.mark(from, two.to, 'age');
    if (may) {
      const before = this.text[from - 1] ?? ' ';
      const age = text === '(' && !/\s/.test(before) ? null : ageAt(this.text, from);
      if (age) {
        this.found.ages.push({ age: age.age, from, to: age.to });
        if (age.ask)
          this.found.faults.push({ field: 'age', text: this.text.slice(from, age.to).trim(), problem: age.ask });
        return this.mark(from, age.to, 'age');
      }
    }
    // “(my daughter, 6)”
    if (kind === 'number' && saidInBrackets(this.text, token)) {
      this.found.ages.push({ age: Number(text), from, to: token.to });
      return this.mark(from, token.to, 'age');
    }
    if (kind === 'number' || GLYPH.test(text) || isWritten(lower) || matchAt(GUESSED, this.text, from))
      return this.girth(from, from, 'wrist', false);
    const unknown = kind === 'word' || text === '?' ? matchAt(UNKNOWN, this.text, from) : null;
    if (unknown && !(this.lead && i === 0)) return this.mark(from, from + unknown[0].length, 'wrist');
    return null;
  }

  /** A girth that is said to be of wrist or hand. */
  private named({ from, lower }: Token): number | null {
    if (!/^(?:wrist|wrists|hand|hands)$/.test(lower)) return null;
    const which = lower.startsWith('wrist') ? 'wrist' : 'hand';
    const label = matchAt(which === 'wrist' ? WRIST : HAND, this.text, from);
    if (!label) return null;
    const at = from + label[0].length;
    const girth = this.girth(at, from, which, true);
    if (girth !== null) return girth;
    const unknown = matchAt(UNKNOWN, this.text, at);
    if (unknown) return this.mark(from, at + unknown[0].length, which);
    return null;
  }

  private girth(at: number, from: number, which: 'wrist' | 'hand', named: boolean): number | null {
    const girth = girthAt(this.text, at, which, named);
    if (!girth) return null;
    const text = this.text.slice(at, girth.to).trim();
    const { problem, choices } = girth;
    if (problem !== null) this.found.faults.push({ field: which, text, problem, ...(choices && { choices }) });
    else if (girth.either)
      this.found.faults.push({ field: which, text, problem: `“${text}”: which of the two? taken as between them` });
    if (which === 'hand') this.found.hand ??= girth.mm === null ? null : Math.round(girth.mm);
    else
      this.found.wrists.push({
        mm: girth.mm,
        estimate: girth.estimate,
        ...(girth.ends && { ends: girth.ends }),
        from,
        to: girth.to,
      });
    return this.mark(from, girth.to, which);
  }

  /** Whether a word may be of a name: it is among the first of a line that a name leads. */
  private isLeadName(i: number): boolean {
    const token = this.tokens[i]!;
    if (!this.lead) return false;
    return i === 0 || !(this.mono || token.text === token.lower);
  }

  /** The longest phrase of the vocabulary that begins at a word. */
  private phrase(i: number): number | null {
    const first = this.tokens[i]!;
    if (first.kind === 'mark') return null;
    const [head] = wordsIn(first.text);
    for (const { words, means } of this.ways.phrases.get(head ?? '') ??
      this.ways.phrases.get((head ?? '').replace(/s$/, '')) ??
      []) {
      const to = spells(this.text, first.from, words);
      if (to === null || !this.may(i, means, words, to)) continue;
      return this.take(means, first.from, to);
    }
    return null;
  }

  /** Whether a phrase may stand here: not for the first words of a name, and weak ones only where they stand alone. */
  private may(i: number, means: Meaning, words: readonly string[], to: number): boolean {
    const first = this.tokens[i]!;
    // “both new” says it of both.
    const before = this.run ? this.text.slice(this.run.from, this.run.to) : '';
    const alone = /^(?:both|all|each)?$/i.test(before) && endsField(this.text, to, this.ways.phrases);
    if (this.lead) {
      if (means.as === 'colour') return false;
      if (i === 0 || this.start === first.from)
        return means.as === 'project' ? alone : means.as === 'skill' && alone && words.length > 1;
      if (words.length === 1 && this.isLeadName(i)) return false;
    }
    if (means.as === 'skill' && words.length === 1 && !STRONG_SKILL.has(words[0]!))
      // “Tilly Ross new 13 cm”: small letters after a name in capitals, and nothing but a field behind them.
      return alone || (this.lead && NAME.test(before) && endsField(this.text, to, this.ways.phrases));
    if (means.as === 'project' && !means.strong) return alone || !this.run;
    return true;
  }

  private take(means: Meaning, from: number, to: number): number {
    const led = this.lead && from === this.start;
    const sure = means.as === 'project' && !led && means.strong;
    noteMeaning(this.found, means, { from, to, text: this.text.slice(from, to) }, sure);
    return this.mark(from, to, means.as);
  }
}
