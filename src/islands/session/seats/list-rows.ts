import { sameAs } from '../../../core/person';
import type { RosterRow } from '../../../app/session/roster';

/** A line of a list as it is being mended. */
export interface Row extends RosterRow {
  readonly id: string;
  /** Who it is: somebody known, by id; null for somebody new; undefined while nobody has said. */
  readonly who: string | null | undefined;
}

/** Who a line is, as far as what it says agrees with one who is known: to be confirmed by seating them. */
function likely({ known, seat }: RosterRow): string | null | undefined {
  const open = known.filter((person) => sameAs(person, seat) !== 'differs');
  const sure = open.filter((person) => sameAs(person, seat) === 'agrees');
  return sure.length === 1 ? sure[0]!.id : open.length === 0 ? null : undefined;
}

/** Lines as they were read, to be mended. */
export const rowsOf = (lines: readonly RosterRow[]): Row[] =>
  lines.map((line) => ({ ...line, id: crypto.randomUUID(), who: likely(line) }));

/** A line with something of its seat said by hand: that answers what was asked about it, and what was written there is no longer a note. */
export function mend(row: Row, seat: Partial<RosterRow['seat']>, mended?: string, dropped?: string): Row {
  const gone = row.faults.filter((fault) => fault.field === mended).map((fault) => dropped ?? fault.text);
  const note = row.seat.note
    .split('; ')
    .filter((part) => !gone.includes(part))
    .join('; ');
  return {
    ...row,
    seat: { ...row.seat, note, ...seat },
    faults: row.faults.filter((fault) => fault.field !== mended),
    // Another name is another person.
    ...(seat.name !== undefined && { known: [], who: null }),
  };
}

/** A line that was left out is somebody after all. */
export function seatAnyway({ skip: _, kind: __, ...row }: Row): Row {
  return { ...row, seat: { ...row.seat, name: row.seat.name || row.text.trim().slice(0, 120) }, faults: [] };
}

/** Colours as a line named them, in words. */
export const coloursIn = (colours: RosterRow['seat']['colours']): string =>
  `in ${colours.map(({ name }) => name).join(' and ')}`;

/** The seat of a line as it is to be made: colours are told in the note, and a skill that nobody gave stays out. */
export function seatFrom({ colours, skill, note, ...seat }: RosterRow['seat']) {
  const said = colours.length > 0 ? coloursIn(colours) : '';
  return { ...seat, ...(skill && { skill }), note: [note, said].filter(Boolean).join('; ') };
}
