import type { Avoid, Skill } from '../../core/studio';
import type { RosterFault, Span } from './roster-line';
import type { Meaning } from './words/vocabulary';

/** A wrist as it was written, and where. */
interface Wrist {
  readonly mm: number | null;
  readonly estimate: boolean;
  /** Of two lengths apart by a stroke, both, mm. */
  readonly ends?: readonly [number, number];
  readonly from: number;
  readonly to: number;
}

/** Words that nothing took: a name, a remark, or a question. */
export interface Run {
  readonly from: number;
  readonly to: number;
  readonly text: string;
}

/** All that is found in a line, field by field. */
export interface Findings {
  wrists: Wrist[];
  hand: number | null;
  ages: { age: number | null; from: number; to: number }[];
  skill: Skill | null;
  projects: { slug: string; from: number; to: number; sure: boolean }[];
  avoid: Avoid[];
  colours: { name: string; hex: string | null; from: number; to: number }[];
  options: { loop?: 'finger' | 'wrist' | 'neck'; wraps?: number };
  notes: string[];
  faults: RosterFault[];
  spans: Span[];
  runs: Run[];
  /** Words that somebody said are the name. */
  named: Run | null;
  /** Small whole numbers that stand alone. */
  smalls: Run[];
}

export const nothingFound = (): Findings => ({
  wrists: [],
  hand: null,
  ages: [],
  skill: null,
  projects: [],
  avoid: [],
  colours: [],
  options: {},
  notes: [],
  faults: [],
  spans: [],
  runs: [],
  named: null,
  smalls: [],
});

/** Notes what some words of a line mean; a project is `sure` where they cannot be somebody's name. */
export function noteMeaning(found: Findings, means: Meaning, { from, to, text }: Run, sure: boolean): void {
  switch (means.as) {
    case 'project':
      found.projects.push({ slug: means.slug, from, to, sure });
      return;
    case 'skill':
      if (found.skill !== null && found.skill !== means.skill)
        found.faults.push({ field: 'skill', text, problem: `“${text}” and another skill: which?` });
      found.skill ??= means.skill;
      return;
    case 'skin':
      if (means.avoid && !found.avoid.includes(means.avoid)) found.avoid.push(means.avoid);
      if (!means.avoid) found.notes.push(text);
      return;
    case 'colour':
      found.colours.push({ name: text, hex: means.hex, from, to });
      return;
    case 'note':
      found.notes.push(text);
      return;
    case 'noise':
      return;
  }
}
