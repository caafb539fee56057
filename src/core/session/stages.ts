import type { Cut } from '../cut';
import { beadOf } from './bead';
import type { CutRecord } from './cut-record';
import type { Kits } from './kits';
import type { SeatPlan } from './plan-seat';

/** The stages of a session that Lapboard takes a session through, in order. */
export const STAGES = ['seats', 'fit', 'cut', 'kit'] as const;
export type Stage = (typeof STAGES)[number];

/** A stage's knot: tied when the data says its work is done, else why not. The first untied one is the open loop. */
export interface StageState {
  readonly stage: Stage;
  readonly state: 'tied' | 'open' | 'bare';
  /** One line: what is done, or what keeps the knot from being tied. */
  readonly line: string;
}

/** One length as it was cut, for one seat. */
export interface CutDone {
  readonly seat: string;
  readonly label: string;
  readonly cord: string;
  readonly colour: string;
  readonly role: string;
  readonly pieces: number;
  readonly length_mm: number;
}

/** A seat for the stages: its id, its plan, and whether an estimate was accepted as good enough to cut from. */
export interface StageSeat {
  readonly id: string;
  readonly plan: SeatPlan;
  readonly accepted: boolean;
}

/** Up to three names, then a count. */
function names(seats: readonly StageSeat[]): string {
  const shown = seats.slice(0, 3).map((seat) => seat.plan.label);
  const rest = seats.length - shown.length;
  return shown.join(', ') + (rest > 0 ? ` and ${rest} more` : '');
}

const plural = (n: number, one: string, many = `${one}s`): string => `${n} ${n === 1 ? one : many}`;

/** The lengths a session's seats call for now, as they would be noted when cut. */
export function cutsNow(seats: readonly StageSeat[]): CutDone[] {
  return seats.flatMap(({ id, plan }) =>
    (plan.cut?.cuts ?? []).map(({ cord, colour, role, pieces, length_mm }: Cut) => ({
      seat: id,
      label: plan.label,
      cord,
      colour,
      role,
      pieces,
      length_mm,
    })),
  );
}

/** The lengths of a session as they were cut. */
export const cutsDone = ({ seats }: CutRecord): CutDone[] =>
  cutsNow(seats.map(({ seat, label, plan }) => ({ id: seat, accepted: true, plan: { ...plan, label } })));

/** A length in one line, to tell whether what somebody saw is what is called for: for whom, of what, how long. */
export const cutKey = (cut: CutDone): string =>
  [cut.seat, cut.cord, cut.colour, cut.role, cut.pieces, cut.length_mm].join('|');

/** Why what was cut is no longer what is called for, or null when it still is. */
function changedSince(done: readonly CutDone[], now: readonly CutDone[]): string | null {
  const keysOf = (cuts: readonly CutDone[], seat: string): string =>
    cuts
      .filter((cut) => cut.seat === seat)
      .map(cutKey)
      .sort()
      .join(';');
  for (const { seat, label } of now) {
    const [before, after] = [keysOf(done, seat), keysOf(now, seat)];
    if (before === after) continue;
    if (before === '') return `Came undone: ${label} is new since the cords were cut.`;
    const [was, is] = [done, now].map((cuts) =>
      cuts
        .filter((cut) => cut.seat === seat)
        .map((cut) => `${cut.length_mm} mm`)
        .join(' + '),
    );
    return was === is
      ? `Came undone: ${label} now wants another cord or colour.`
      : `Came undone: ${label} was cut ${was}, and now needs ${is}.`;
  }
  const gone = done.find((cut) => !now.some((other) => other.seat === cut.seat));
  return gone ? `Came undone: cords were cut for ${gone.label}, whose seat needs none now.` : null;
}

function seatsStage(seats: readonly StageSeat[]): { done: boolean; line: string } {
  if (seats.length === 0) return { done: false, line: 'Nobody yet: paste the list of who is coming.' };
  const undecided = seats.filter((seat) => seat.plan.messages.some((m) => m.code === 'no-project'));
  if (undecided.length > 0) return { done: false, line: `No project yet: ${names(undecided)}.` };
  return { done: true, line: `${plural(seats.length, 'seat')}, each with a project.` };
}

function fitStage(seats: readonly StageSeat[]): { done: boolean; line: string } {
  const stuck = seats.filter((seat) => beadOf(seat.plan) === 'notched');
  if (stuck.length > 0) return { done: false, line: `To decide: ${names(stuck)}.` };
  const hollow = seats.filter((seat) => beadOf(seat.plan) === 'hollow');
  if (hollow.length > 0) return { done: false, line: `No wrist yet: ${names(hollow)}.` };
  const estimates = seats.filter((seat) => beadOf(seat.plan) === 'ringed' && !seat.accepted);
  if (estimates.length > 0)
    return {
      done: false,
      line: `${plural(estimates.length, 'seat')} still on ${estimates.length === 1 ? 'an estimate' : 'estimates'}: ${names(estimates)}.`,
    };
  return { done: true, line: 'Every seat fitted.' };
}

function cutStage(seats: readonly StageSeat[], done: readonly CutDone[] | null): { done: boolean; line: string } {
  const now = cutsNow(seats);
  if (!done)
    return {
      done: false,
      line:
        now.length > 0
          ? `${plural(
              now.reduce((n, cut) => n + cut.pieces, 0),
              'length',
            )} to cut.`
          : 'Nothing to cut yet.',
    };
  const why = changedSince(done, now);
  return why ? { done: false, line: why } : { done: true, line: `${plural(now.length, 'length')} cut.` };
}

/** A seat's cuts in one line each, as kits remember them. */
export const kitKeys = (seats: readonly StageSeat[]): string[] => cutsNow(seats).map(cutKey).sort();

function kitStage(seats: readonly StageSeat[], kits: Kits | null): { done: boolean; line: string } {
  if (!kits?.issued) return { done: false, line: `${plural(seats.length, 'bag')} to pack.` };
  const now = kitKeys(seats);
  if (JSON.stringify(now) === JSON.stringify(kits.issued.cuts))
    return { done: true, line: `${plural(seats.length, 'kit')} issued.` };
  const changed = seats.find(({ id }) => {
    const of = (keys: readonly string[]): string => keys.filter((key) => key.startsWith(`${id}|`)).join(';');
    return of(now) !== of(kits.issued!.cuts);
  });
  return {
    done: false,
    line: changed
      ? `Came undone: ${changed.plan.label} now needs something else than was issued.`
      : 'Came undone: kits were issued for a seat that is not there now.',
  };
}

/** The session's knots: each tied because the data says so. */
export function stagesOf(
  seats: readonly StageSeat[],
  cutDone: readonly CutDone[] | null,
  kits: Kits | null = null,
): StageState[] {
  const parts = {
    seats: seatsStage(seats),
    fit: fitStage(seats),
    cut: cutStage(seats, cutDone),
    kit: kitStage(seats, kits),
  };
  if (seats.length === 0) {
    parts.fit = { done: false, line: 'Waits for seats.' };
    parts.kit = { done: false, line: 'Waits for seats.' };
  }
  const present = STAGES.find((stage) => !parts[stage].done);
  return STAGES.map((stage) => ({
    stage,
    state: parts[stage].done ? 'tied' : stage === present ? 'open' : 'bare',
    line: parts[stage].line,
  }));
}
