import type { Catalogue } from '../project';
import { FIGURES, type Settings } from '../studio';
import { cutsNow, type PlannedSeat, type SeatRecord } from '../seat';
import { cordItem, hardwareItem } from '../shelf';
import type { Layout } from '../layout';
import type { Kits } from './kits';
import { planSession, type WholeSession } from './plan-session';

/** One thing of the studio that is not as it was. */
export interface Change {
  readonly name: string;
  readonly was: string;
  readonly is: string;
}

/** What changed in the studio since somebody last took note of a session's lengths, and by how much it moved them, mm. */
export interface Since {
  readonly what: readonly Change[];
  readonly seats: readonly {
    readonly id: string;
    readonly label: string;
    readonly was: readonly number[];
    readonly is: readonly number[];
    /** Whether cord is reserved for it, or its kit packed, by the lengths as they were. */
    readonly reserved: boolean;
    readonly packed: boolean;
  }[];
  /** Open orders of what these seats take. */
  readonly orders: readonly OpenOrder[];
}

/** What is ordered and has not come yet. */
export interface OpenOrder {
  readonly item: string;
  readonly name: string;
  readonly due_on: string;
}

/** What was done by the lengths as they were: nothing of it is changed here, only listed. */
export interface Held {
  readonly lanes: Layout | null;
  readonly kits: Kits | null;
  readonly orders: readonly OpenOrder[];
}

/** What a seat takes of the shelf: its cords, and what is counted. */
const itemsOf = ({ plan }: PlannedSeat): string[] => [
  ...(plan.cut?.cuts ?? []).map(({ cord, colour }) => cordItem(cord, colour)),
  ...plan.items.map(({ item }) => hardwareItem(item)),
];

/** A seat as it was planned by an earlier catalogue: with the revision that was the newest then, where its own came later. */
function asBefore(record: SeatRecord, { projects }: Catalogue): SeatRecord {
  const { project, project_revision } = record;
  const newest = project !== null && Object.hasOwn(projects, project) ? projects[project]!.revision : null;
  return newest !== null && project_revision !== null && project_revision > newest
    ? { ...record, project_revision: newest }
    : record;
}

/** What of two documents differs, number by number; the revisions where it is nothing that a line could say. */
function documentChanges(was: Catalogue['cords'][string] | Catalogue['hardware'][string], is: typeof was): Change[] {
  const fields = Object.keys(is).filter((key) => key !== 'revision' && key !== 'version') as (keyof typeof is)[];
  const changed = fields.filter((key) => typeof is[key] === 'number' && is[key] !== was[key]);
  return changed.length > 0
    ? changed.map((key) => ({
        name: `${is.name}, ${key.replace(/_mm$/, ' mm').replaceAll('_', ' ')}`,
        was: String(was[key]),
        is: String(is[key]),
      }))
    : [{ name: is.name, was: `revision ${was.revision}`, is: `revision ${is.revision}` }];
}

/** The documents of a kind that some seats' pieces use and that are not as they were. */
function usedChanges(
  kind: 'cords' | 'hardware',
  seats: readonly PlannedSeat[],
  before: Catalogue,
  now: Catalogue,
): Change[] {
  const used = new Set(
    seats.flatMap(({ plan: { piece } }) =>
      kind === 'cords'
        ? (piece?.cords ?? []).map(({ cord }) => cord.slug)
        : Object.values(piece?.hardware ?? {}).map(({ slug }) => slug),
    ),
  );
  return [...used].flatMap((slug) => {
    const [was, is] = [before[kind][slug], now[kind][slug]];
    return was && is && was.revision !== is.revision ? documentChanges(was, is) : [];
  });
}

/** The projects that some seats are planned with in another revision than they were. */
function projectChanges(seats: readonly PlannedSeat[], was: ReadonlyMap<string, PlannedSeat>): Change[] {
  const changes = seats.flatMap(({ id, plan }): [string, Change][] => {
    const [before, now] = [was.get(id)!.plan.piece?.project, plan.piece?.project];
    return before && now && before.revision !== now.revision
      ? [[now.slug, { name: now.name, was: `revision ${before.revision}`, is: `revision ${now.revision}` }]]
      : [];
  });
  return [...new Map(changes).values()];
}

/**
 * A session's lengths by the studio as it was, against what it is now; null where no length of a seat that is not cut moved.
 *
 * @param before settings and catalogue as they were when note was last taken
 *
 * @example
 * changesSince(view, view.studio, { lanes: null, kits: null, orders: [] }) // null
 */
export function changesSince(
  whole: WholeSession,
  before: { readonly settings: Settings; readonly catalogue: Catalogue },
  { lanes, kits, orders }: Held,
): Since | null {
  const now = planSession(whole).seats.filter(({ kept }) => !kept);
  const open = {
    ...whole,
    session: { ...whole.session, cut_done: null },
    seats: now.map(({ record }) => asBefore(record, before.catalogue)),
  };
  const was = new Map(planSession({ ...open, studio: before }).seats.map((seat) => [seat.id, seat]));
  const lengthsOf = (seat: PlannedSeat): number[] => cutsNow([seat]).map((cut) => cut.length_mm);
  const moved = now.filter((seat) => {
    const [then, today] = [lengthsOf(was.get(seat.id)!), lengthsOf(seat)];
    return JSON.stringify(then) !== JSON.stringify(today);
  });
  if (moved.length === 0) return null;
  const { settings, catalogue } = whole.studio;
  const reserved = new Set(
    (lanes ?? []).flatMap((group) => group.lanes.flatMap(({ cuts }) => cuts.map(({ id }) => id))),
  );
  const has = (all: Iterable<string>, { id }: PlannedSeat): boolean => [...all].some((one) => one.startsWith(`${id}/`));
  const taken = new Set(moved.flatMap((seat) => [...itemsOf(was.get(seat.id)!), ...itemsOf(seat)]));
  return {
    what: [
      ...(settings.school === before.settings.school
        ? []
        : [{ name: 'Cuts by school', was: before.settings.school, is: settings.school }]),
      ...FIGURES.filter(({ name }) => settings.figures[name] !== before.settings.figures[name]).map(
        ({ name, label, unit }) => ({
          name: `${label}, ${unit}`,
          was: String(before.settings.figures[name]),
          is: String(settings.figures[name]),
        }),
      ),
      ...projectChanges(moved, was),
      ...usedChanges('cords', moved, before.catalogue, catalogue),
      ...usedChanges('hardware', moved, before.catalogue, catalogue),
    ],
    seats: moved.map((seat) => ({
      id: seat.id,
      label: seat.plan.label,
      was: lengthsOf(was.get(seat.id)!),
      is: lengthsOf(seat),
      reserved: has(reserved, seat),
      packed: has(kits?.ticks ?? [], seat),
    })),
    orders: orders.filter(({ item }) => taken.has(item)),
  };
}
