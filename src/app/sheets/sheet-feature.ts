import { format, parseISO } from 'date-fns';
import { formatLength, type Units } from '../../core/measure';
import type { SessionRecord, Stage } from '../../core/session';
import type { Settings } from '../../core/studio';
import type { Sheet } from '../../formats/sheets';

/** How a sheet writes lengths: in the reader's units, and in the other ones beside them where both are wanted. */
export interface Writing {
  readonly units: Units;
  readonly both: boolean;
}

/** The units a sheet is in, of the studio's. */
export type WritingFor = (studio: Units) => Writing;

/** A sheet as it is made, for page and paper. */
export interface MadeSheet {
  readonly session: SessionRecord;
  readonly settings: Settings;
  readonly writing: Writing;
  readonly sheet: Sheet;
}

/** A sheet of a session: what it is called as a file and on its page, and the stage it belongs to, or the room. */
export interface SheetFeature {
  /** Of its PDF. */
  readonly file: string;
  /** Of its page's address. */
  readonly page: string;
  readonly name: string;
  readonly stage: Stage | 'room';
  readonly make: (id: string, writingFor: WritingFor) => Promise<MadeSheet>;
}

/** The head of a session's sheet. */
export const headOf = (session: SessionRecord, name: string): Pick<Sheet, 'title' | 'line'> => ({
  title: `${session.title}: ${name.toLowerCase()}`,
  line: [format(parseISO(session.held_on), 'EEEE d MMMM yyyy'), session.starts_at, session.place]
    .filter(Boolean)
    .join(', '),
});

/** A length to cut, never less than it is; and the same in other units, where both are wanted. */
export function cutWords(mm: number, { units, both }: Writing): { readonly text: string; readonly also?: string } {
  const other = units === 'cm' ? 'in' : 'cm';
  return { text: formatLength(mm, units, 'up'), ...(both && { also: formatLength(mm, other, 'up') }) };
}
