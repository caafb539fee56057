import type { RosterRow } from '../../../../app/session/roster';
import { nearestColour } from '../../../../core/cord';
import { sameAs } from '../../../../core/person';
import { lookUp, type Catalogue } from '../../../../core/project';
import type { SeatChanges, SeatRecord } from '../../../../core/seat';

type RosterSeat = RosterRow['seat'];
type Fault = RosterRow['faults'][number];

/** What was mended of one seat of a list by hand. */
export interface Edit {
  readonly seat: Partial<RosterSeat>;
  /** Questions that are answered, each by what it asks. */
  readonly settled: readonly string[];
  /** Who it is: somebody known, by id; null for somebody new. */
  readonly who?: string | null;
  readonly out?: boolean;
}
export const NO_EDIT: Edit = { seat: {}, settled: [] };

/** A seat of a list as it will be, or a line that is nobody's. */
export interface Row extends Omit<RosterRow, 'faults'> {
  /** The same whenever the list is read again. */
  readonly key: string;
  /** The first of its line: it shows the line as written. */
  readonly leads: boolean;
  readonly faults: readonly Fault[];
  /** Who it is: somebody known, by id; null for somebody new; undefined while nobody has said. */
  readonly who: string | null | undefined;
  readonly out: boolean;
  /** The seat of the session that it is already. */
  readonly there: SeatRecord | null;
}

export const askedBy = ({ field, text, problem }: Fault): string => `${field} ${text} ${problem}`;
const plain = (name: string): string => name.trim().toLowerCase().replace(/\s+/g, ' ');

/** Who a line is, as far as what it says agrees with one who is known: to be confirmed by seating them. */
function likely({ known, seat }: RosterRow): string | null | undefined {
  const open = known.filter((person) => sameAs(person, seat) !== 'differs');
  const sure = open.filter((person) => sameAs(person, seat) === 'agrees');
  return sure.length === 1 ? sure[0]!.id : open.length === 0 ? null : undefined;
}

/** The rows of a list as it was read, with what was mended by hand, against who is seated already. */
export function rowsOf(
  lines: readonly RosterRow[],
  edits: Readonly<Record<string, Edit>>,
  seated: readonly SeatRecord[],
): Row[] {
  const count = new Map<number, number>();
  const taken = new Set<string>();
  const asked = new Set<string>();
  return lines.map(({ skip, ...line }): Row => {
    const n = count.get(line.line) ?? 0;
    count.set(line.line, n + 1);
    const key = `${line.line}/${n}`;
    // Who is said not to come is left out, and may be seated all the same.
    const isGone = line.kind === 'cancelled' && line.seat.name !== '';
    const { seat: mended, settled, who, out = isGone } = edits[key] ?? NO_EDIT;
    const answered = line.faults.filter(
      (fault) => fault.field in FIELDS && FIELDS[fault.field]!.some((f) => f in mended),
    );
    const note = line.seat.note
      .split('; ')
      .filter((part) => !answered.some(({ text }) => text === part))
      .join('; ');
    const seat = { ...line.seat, note, ...mended };
    const there = (isGone ? out : skip)
      ? undefined
      : seated.find(({ id, name }) => !taken.has(id) && plain(name) === plain(seat.name));
    if (there) taken.add(there.id);
    // What is asked of all of one line is asked once.
    const own = line.faults.filter((fault) => !asked.has(`${line.line} ${askedBy(fault)}`));
    for (const fault of own) asked.add(`${line.line} ${askedBy(fault)}`);
    return {
      ...line,
      ...(skip && !isGone && { skip }),
      key,
      leads: n === 0,
      seat,
      faults: own.filter((fault) => !answered.includes(fault) && !settled.includes(askedBy(fault))),
      known: there || mended.name !== undefined ? [] : line.known,
      who: there ? there.person_id : who !== undefined ? who : mended.name !== undefined ? null : likely(line),
      out,
      there: there ?? null,
    };
  });
}

/** The fields of a seat that answer a question. */
const FIELDS: Readonly<Partial<Record<Fault['field'], readonly (keyof RosterSeat)[]>>> = {
  name: ['name'],
  wrist: ['wrist_mm'],
  hand: ['hand_mm'],
  age: ['age'],
  skill: ['skill'],
  project: ['project'],
};

/** Colours as a line named them, in words. */
export const coloursIn = (colours: RosterSeat['colours']): string =>
  `in ${colours.map(({ name }) => name).join(' and ')}`;

/** The colours of a piece's cord that a line means, in its order; those that the cord has none near are left out. */
export function coloursMeant({ project, colours }: RosterSeat, catalogue: Catalogue): { slug: string; hex: string }[] {
  const use = project === null ? undefined : lookUp(catalogue.projects, project)?.cords[0];
  const cord = use && lookUp(catalogue.cords, use.default);
  return cord ? colours.flatMap((colour) => nearestColour(cord.colours, colour) ?? []) : [];
}

/** The cords that colours choose: each role of the piece but thread, in its own cord. */
function cordsIn(seat: RosterSeat, catalogue: Catalogue): SeatChanges['cords'] | undefined {
  const project = seat.project === null ? undefined : lookUp(catalogue.projects, seat.project);
  const meant = coloursMeant(seat, catalogue);
  if (!project || meant.length === 0) return undefined;
  return Object.fromEntries(
    project.cords
      .filter(({ role }) => role !== 'thread')
      .flatMap(({ role, default: slug }) => {
        const cord = lookUp(catalogue.cords, slug);
        const colours = meant.map((colour) => colour.slug).filter((own) => cord?.colours.some((c) => c.slug === own));
        return colours.length > 0 ? [[role, { cord: slug, colours: [...new Set(colours)].slice(0, 6) }]] : [];
      }),
  );
}

/** The seat of a line as it is to be made: in the colours that were named where its cord has them, else with a note of them. */
export function seatFrom({ colours, skill, note, ...seat }: RosterSeat, catalogue: Catalogue) {
  const cords = cordsIn({ ...seat, colours, skill, note }, catalogue);
  const untold = coloursMeant({ ...seat, colours, skill, note }, catalogue).length < colours.length;
  const said = colours.length > 0 && (untold || !cords) ? coloursIn(colours) : '';
  return { ...seat, skill, ...(cords && { cords }), note: [note, said].filter(Boolean).join('; ').slice(0, 500) };
}

/** What a line says otherwise of somebody who is seated already: what it leaves open stays. */
export function changesTo(there: SeatRecord, row: Row, catalogue: Catalogue): SeatChanges {
  const { name: _, note, ...told } = seatFrom(row.seat, catalogue);
  const differs = Object.entries(told).filter(([key, value]) => {
    const own = there[key as keyof SeatRecord];
    if (value === null || value === undefined || (Array.isArray(value) && value.length === 0)) return false;
    if (key === 'options' || key === 'cords')
      return Object.entries(value).some(
        ([part, wanted]) => JSON.stringify((own as Record<string, unknown>)[part]) !== JSON.stringify(wanted),
      );
    if (key === 'wrist_method') return false;
    return JSON.stringify(own) !== JSON.stringify(value);
  });
  const changes: SeatChanges = Object.fromEntries(
    differs.map(([key, value]) =>
      key === 'options' || key === 'cords' ? [key, { ...there[key], ...(value as object) }] : [key, value],
    ),
  );
  return {
    ...changes,
    ...('wrist_mm' in changes && { wrist_method: row.seat.wrist_method ?? 'told' }),
    ...(note && !there.note.includes(note) && { note: [there.note, note].filter(Boolean).join('; ').slice(0, 500) }),
  };
}
