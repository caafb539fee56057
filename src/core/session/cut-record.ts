import equal from 'fast-deep-equal';
import type { Cord } from '../cord';
import type { Group } from '../cut';
import type { Hardware } from '../part';
import { hardwareOf, resolvePiece, type Catalogue, type Project } from '../project';
import { STARTING_FIGURES, type Figures } from '../studio';
import { pieceRequest, planSeat, type SeatPlan, cutsNow, type CutDone, revisionKey, type Seat } from '../seat';

/** Everything that some seats' plans rest on, as it was when they were cut: every document in its revision, and every figure. */
export interface CutBasis {
  readonly figures: Figures;
  readonly group: Group;
  readonly projects: readonly Project[];
  readonly cords: readonly Cord[];
  readonly hardware: readonly Hardware[];
}

/** What a seat's plan says in numbers and words; the piece itself comes again from the documents. */
export type KeptPlan = Omit<SeatPlan, 'label' | 'piece'>;

/** One seat as it was cut. */
export interface SeatCut {
  readonly seat: string;
  /** Null where they were erased, or were not kept. */
  readonly person: string | null;
  readonly label: string;
  /** What the seat asked for, and its place among the bases. Both null of cuts noted before whole plans were kept: of those only the lengths are known. */
  readonly asks: Seat | null;
  readonly basis: number | null;
  readonly plan: KeptPlan;
}

/** A session's cords as they were cut: whole plans, and what they rest on. */
export interface CutRecord {
  readonly on: string;
  readonly bases: readonly CutBasis[];
  readonly seats: readonly SeatCut[];
}

/**
 * The lengths of a session as they were cut.
 *
 * @example
 * cutsDone(cutNow(view, planSession(view), '2030-05-04')).length // 2
 */
export const cutsDone = ({ seats }: CutRecord): CutDone[] =>
  cutsNow(seats.map(({ seat, label, plan }) => ({ id: seat, plan: { ...plan, label } })));

const catalogues = new WeakMap<CutBasis, Catalogue>();

/** A basis as a catalogue to plan with; projects under their revision. */
function catalogueOf(basis: CutBasis): Catalogue {
  const known = catalogues.get(basis) ?? {
    projects: Object.fromEntries(basis.projects.map((doc) => [revisionKey(doc.slug, doc.revision), doc])),
    cords: Object.fromEntries(basis.cords.map((doc) => [doc.slug, doc])),
    hardware: Object.fromEntries(basis.hardware.map((doc) => [doc.slug, doc])),
  };
  catalogues.set(basis, known);
  return known;
}

const kept = new WeakMap<CutBasis, Figures>();

/** The figures of a basis, one object as long as it is there, so that what is reckoned with them is reckoned once. */
function figuresOf(basis: CutBasis): Figures {
  const known = kept.get(basis) ?? { ...STARTING_FIGURES, ...basis.figures };
  kept.set(basis, known);
  return known;
}

/** What a seat asks for, as it is kept: without its name, and with its project in its very revision. */
function askOf(seat: Seat, projects: Catalogue['projects']): Seat {
  const doc = seat.project !== null && Object.hasOwn(projects, seat.project) ? projects[seat.project]! : null;
  return { ...seat, label: '', project: doc ? revisionKey(doc.slug, doc.revision) : seat.project };
}

const cutsOf = (plan: KeptPlan): string[] =>
  (plan.cut?.cuts ?? [])
    .map(({ cord, colour, role, pieces, length_mm }) => [cord, colour, role, pieces, length_mm].join('|'))
    .sort();

/** Whether two plans call for the same lengths of the same cords. */
export const sameCuts = (a: KeptPlan, b: KeptPlan): boolean => equal(cutsOf(a), cutsOf(b));

const numbersOf = ({ label: _label, piece: _piece, ...numbers }: SeatPlan): KeptPlan => numbers;

/**
 * The plan of a seat whose cords are cut, as it was cut; null where the seat itself asks for other lengths now. Neither a changed
 * figure nor a new revision nor a newer engine changes it: a change to the seat is weighed on what the cut rests on.
 */
export function keptPlan(record: CutRecord, id: string, seat: Seat, projects: Catalogue['projects']): SeatPlan | null {
  const kept = record.seats.find((one) => one.seat === id);
  const basis = kept?.basis == null ? undefined : record.bases[kept.basis];
  if (!kept || !basis) return null;
  const catalogue = catalogueOf(basis);
  // A figure that came since is as it starts.
  const figures = figuresOf(basis);
  const now = askOf(seat, projects);
  const standing = (asks: Seat, plan: KeptPlan): SeatPlan => {
    const { project } = asks;
    const known = project !== null && Object.hasOwn(catalogue.projects, project);
    const request = known ? { ...pieceRequest({ ...asks, project }, figures), rest: plan.fit?.rest ?? 0 } : null;
    const piece = request && resolvePiece(request, catalogue, figures);
    return { label: seat.label, ...(piece && { piece }), ...plan };
  };
  if (!kept.asks) return null;
  // Of somebody who was erased nothing is asked any more: what was cut for them stands.
  if (kept.person === null || equal(kept.asks, now)) return standing(kept.asks, kept.plan);
  if (now.project === null || !Object.hasOwn(catalogue.projects, now.project)) return null;
  // The seat says something else than it did: cords and hardware that the cut does not rest on would be another cut.
  if (!restsOn(now, catalogue)) return null;
  const [then, changed] = [kept.asks, now].map((asks) => planSeat(asks, catalogue, figures, basis.group));
  if (!sameCuts(numbersOf(then!), numbersOf(changed!))) return null;
  const { items, tools, messages } = changed!;
  return standing(now, { ...kept.plan, items, tools, messages });
}

function restsOn({ cords, options }: Seat, { cords: known, hardware }: Catalogue): boolean {
  return (
    Object.values(cords).every(({ cord }) => Object.hasOwn(known, cord)) &&
    hardwareOf(options).every(({ slug }) => Object.hasOwn(hardware, slug))
  );
}

/** Documents that a plan rests on: the piece's own, and what its choices fall back to. */
function documentsOf({ piece }: SeatPlan, { hardware }: Catalogue): { cords: Cord[]; hardware: Hardware[] } {
  if (!piece) return { cords: [], hardware: [] };
  const needed = new Set([
    ...piece.project.hardware.map((need) => need.default),
    ...[...Object.values(piece.hardware), ...piece.added].map(({ slug }) => slug),
  ]);
  return {
    cords: piece.cords.map(({ cord }) => cord),
    // In the catalogue's own order: the first that fits is taken.
    hardware: Object.values(hardware).filter((doc) => needed.has(doc.slug) || doc.kind === 'breakaway'),
  };
}

/**
 * What a session was cut to, without anything of a person: their name, size and age. The lengths stay.
 *
 * @example
 * withoutPerson(cutNow(view, planSession(view), '2030-05-04'), view.seats[0].person_id, 'Forgotten').seats[0].label // 'Forgotten'
 */
export function withoutPerson(record: CutRecord, person: string, name: string): CutRecord {
  return {
    ...record,
    seats: record.seats.map((one) =>
      one.person === person
        ? {
            ...one,
            person: null,
            label: name,
            asks: one.asks && { ...one.asks, size: null, hand: null, age: null, avoid: [], made: null },
          }
        : one,
    ),
  };
}

/** A seat to be noted as cut: what it asks for and what was planned of it. */
export interface SeatToCut {
  readonly id: string;
  readonly person: string;
  readonly seat: Seat;
  readonly plan: SeatPlan;
  /** Whether the plan stands as it was cut before. */
  readonly kept: boolean;
}

/** Seats as they are cut now. What was cut before and still stands keeps what it rested on; the rest is kept with what it rests on. */
export function recordCuts(
  seats: readonly SeatToCut[],
  before: CutRecord | null,
  { catalogue, figures, group }: { catalogue: Catalogue; figures: Figures; group: Group },
  on: string,
): CutRecord {
  const fresh = seats.filter(({ plan, kept }) => plan.cut && !kept);
  const documents = fresh.map(({ plan }) => documentsOf(plan, catalogue));
  const unique = <T>(all: readonly T[]): T[] => [...new Set(all)];
  const bases = before?.bases ?? [];
  const basis: CutBasis = {
    figures,
    group,
    projects: unique(fresh.map(({ plan }) => plan.piece!.project)),
    cords: unique(documents.flatMap((one) => one.cords)),
    hardware: unique(documents.flatMap((one) => one.hardware)),
  };
  return {
    on,
    bases: fresh.length > 0 ? [...bases, basis] : bases,
    seats: seats.flatMap(({ id, person, seat, plan, kept }): SeatCut[] => {
      if (!plan.cut) return [];
      const old = kept ? before?.seats.find((one) => one.seat === id) : undefined;
      if (old) return [{ ...old, person, label: plan.label }];
      const asks = askOf(seat, catalogue.projects);
      return [{ seat: id, person, label: plan.label, asks, basis: bases.length, plan: numbersOf(plan) }];
    }),
  };
}
