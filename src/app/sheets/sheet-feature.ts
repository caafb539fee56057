import { formatLength, type Units } from '../../core/measure';
import { writeDay, writeTime, type Region } from '../../core/region';
import type { SessionRecord, Stage } from '../../core/session';
import type { Settings } from '../../core/studio';
import type { Sheet, SheetCell } from '../../formats/sheets';

/** How a sheet is written: lengths in the reader's units, and in the other ones beside them where both are wanted; days and hours as the studio does. */
export interface Writing {
  readonly units: Units;
  readonly region: Region;
  readonly both: boolean;
}

/** How a sheet of a studio is written. */
export type WritingFor = (studio: Settings) => Writing;

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
export const headOf = (session: SessionRecord, name: string, region: Region): Pick<Sheet, 'title' | 'line'> => ({
  title: `${session.title}: ${name.toLowerCase()}`,
  line: [
    writeDay(session.held_on, 'full', region),
    session.starts_at && writeTime(session.starts_at, region),
    session.place,
  ]
    .filter(Boolean)
    .join(', '),
});

/** Whose it is; an estimate is said behind the name on every sheet. */
export const whoCell = (label: string, estimated: boolean): SheetCell => ({
  text: label,
  ...(estimated && { note: 'estimate' }),
});

/** A length to cut, never less than it is; and the same in other units, where both are wanted. */
export function cutWords(mm: number, { units, both }: Writing): { readonly text: string; readonly also?: string } {
  const other = units === 'in' ? 'cm' : 'in';
  return { text: formatLength(mm, units, 'up'), ...(both && { also: formatLength(mm, other, 'up') }) };
}
