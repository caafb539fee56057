import type { Avoid, Skill } from '../../core/studio';
import type { RosterFault, Span } from './roster-line';

/** A wrist as it was written, and where. */
interface Wrist {
  readonly mm: number | null;
  readonly estimate: boolean;
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
