import type { SeatChanges } from '../../core/seat';
import type { Skill } from '../../core/studio';

/** What a line of a list says of a seat. Missing is null; nothing is guessed. */
export type RosterSeat = Required<
  Pick<SeatChanges, 'name' | 'age' | 'avoid' | 'wrist_mm' | 'wrist_method' | 'hand_mm' | 'project' | 'options' | 'note'>
> & {
  readonly skill: Skill | null;
  /** Colours as they were named, each as hex. */
  readonly colours: readonly { readonly name: string; readonly hex: string | null }[];
};

/** Something in a line that could not be read as it stands, put to the person. */
export interface RosterFault {
  readonly field: 'name' | 'wrist' | 'hand' | 'age' | 'skill' | 'project' | 'colour' | 'skin' | 'rest' | 'line';
  readonly text: string;
  readonly problem: string;
  /** The days a birthday may be, “2015-04-03”, where it says how old somebody is. */
  readonly born?: readonly string[];
  /** Lengths, mm, to choose from where the text gives two. */
  readonly choices?: readonly number[];
}

/** What a stretch of a line was read as. */
export type SpanKind = RosterFault['field'] | 'option' | 'note' | 'noise';

/** A stretch of a line as written, from one character to before another. */
export interface Span {
  readonly from: number;
  readonly to: number;
  readonly as: SpanKind;
}

/** What a column may hold. */
export const ROLES = [
  'name',
  'first',
  'last',
  'age',
  'wrist',
  'hand',
  'skill',
  'project',
  'colour',
  'skin',
  'note',
  'number',
  'contact',
  'free',
] as const;
export type Role = (typeof ROLES)[number];

/** A column of a table, where its heading stands. */
export interface Column {
  readonly heading: string;
  readonly from: number;
  readonly to: number;
  readonly as: Role;
}

/** One seat of a pasted list, or a line that is nobody's. */
export interface RosterLine {
  /** From 1 on. */
  readonly line: number;
  readonly text: string;
  readonly seat: RosterSeat;
  readonly faults: readonly RosterFault[];
  /** Every character of the line is in one of these. */
  readonly spans: readonly Span[];
  /** Set where the line seats nobody. */
  readonly skip?: true;
  /** Of a line of headings: its columns, and what each is read as. */
  readonly columns?: readonly Column[];
  /** What such a line is. */
  readonly kind?: 'blank' | 'heading' | 'text' | 'total' | 'cancelled' | 'part';
}

/** A project a list may name. */
export interface RosterProject {
  readonly slug: string;
  readonly name: string;
  readonly kind: 'bracelet' | 'keychain';
}

export const blankSeat = (): RosterSeat => ({
  name: '',
  age: null,
  avoid: [],
  skill: null,
  wrist_mm: null,
  wrist_method: null,
  hand_mm: null,
  project: null,
  options: {},
  colours: [],
  note: '',
});
