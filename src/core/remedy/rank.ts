import { simulateRoom, type Room, type RoomTimes } from '../room';
import { planSeat, seatOf, type PlannedSeat } from '../seat';
import { applyOperation, planSession, roomOf, type Operation, type SessionView } from '../session';
import { adult } from './adult';
import { early } from './early';
import { longer } from './longer';
import { noFlame } from './no-flame';
import { quickerPiece } from './quicker-piece';
import type { Candidate, Case, Cost, RemedyFeature } from './remedy';
import { thicker } from './thicker';
import { tied } from './tied';

const FEATURES: readonly RemedyFeature[] = [thicker, quickerPiece, tied, early, adult, noFlame, longer];

/** Whoever is less sure than this to finish is helped. */
export const SURE = 0.8;
/** Runs to choose by, and to be sure by. */
const [FEW, MANY] = [200, 2000];
/** Runs times seats that are reckoned closely: of a hall of hundreds the runs are fewer, and say as much. */
const RECKONED = 160_000;
const manyFor = ({ seats }: Room): number => Math.max(FEW, Math.min(MANY, Math.floor(RECKONED / seats.length)));
/** How many of the best are looked at closely. */
const BEST = 6;
const SEED = 1;

/** A remedy with what comes of it. */
export interface Remedy extends Candidate {
  /** How many more finish, as a mean. */
  readonly more: number;
  /** How many finish then, as a mean. */
  readonly finishing: number;
}

/**
 * What probably becomes of a room, on the luck that remedies are compared on.
 *
 * @example
 * roomTimes(room).seats.length // 2
 */
export const roomTimes = (room: Room): RoomTimes => simulateRoom(room, { runs: manyFor(room), seed: SEED });

/** The seats after an operation: those that it changes planned anew. */
function seatsAfter(
  { view, seats, figures, group }: Case,
  after: SessionView,
  operation: Operation,
): readonly PlannedSeat[] {
  if (operation.kind !== 'seats') return seats;
  const { settings, catalogue } = view.studio;
  const edited = new Set(operation.edits.map(({ id }) => id));
  return seats.map((seat) => {
    if (!edited.has(seat.id)) return seat;
    const record = after.seats.find(({ id }) => id === seat.id)!;
    const asked = seatOf(record, view.session.school ?? settings.school, catalogue.projects);
    return { ...seat, record, plan: planSeat(asked, catalogue, figures, group) };
  });
}

/** What a candidate costs with the cord that its seats take more; null where one of them could not be made. */
function costOf(candidate: Candidate, before: readonly PlannedSeat[], after: readonly PlannedSeat[]): Cost | null {
  let cord = 0;
  for (const [i, seat] of after.entries()) {
    const was = before[i]!;
    if (seat === was) continue;
    const isBad = seat.plan.messages.some(
      ({ level, code }) => level === 'error' && !was.plan.messages.some((own) => own.code === code),
    );
    if (isBad || !seat.plan.pace) return null;
    cord += (seat.plan.cut?.total_mm ?? 0) - (was.plan.cut?.total_mm ?? 0);
  }
  return cord === 0 ? candidate.cost : { ...candidate.cost, cord_mm: cord };
}

/**
 * What would help a session whose room does not finish, by how many more would: every remedy tried with few runs, the best with many,
 * all on the same luck. Nothing where all are sure enough to finish.
 *
 * @param begun whether the session is under way
 * @param onTried told how many of how many have been tried
 *
 * @example
 * remediesFor({ ...view, session: { ...view.session, minutes: 20 } }, false, () => {})[0].more > 0 // true
 */
export function remediesFor(view: SessionView, begun: boolean, onTried: (tried: number, of: number) => void): Remedy[] {
  const { seats, figures, group } = planSession(view);
  const room = roomOf(view.session, seats, figures);
  if (!room) return [];
  const times = roomTimes(room);
  const byChance = times.seats.filter(({ finishes }) => finishes < SURE).toSorted((a, b) => a.finishes - b.finishes);
  const risk = byChance.map(({ id }) => seats.find((seat) => seat.id === id)!);
  if (risk.length === 0) return [];
  const own: Case = { view, seats, figures, group, room, times, begun, risk };
  const candidates = FEATURES.flatMap((feature) => feature(own));
  const few = (of: Room): number => simulateRoom(of, { runs: FEW, seed: SEED }).finishing.mean;
  const now = few(room);
  const screened = candidates.flatMap((candidate, i) => {
    const after = applyOperation(view, candidate.operation);
    const planned = seatsAfter(own, after, candidate.operation);
    const cost = costOf(candidate, seats, planned);
    const changed = cost && roomOf(after.session, planned, figures);
    onTried(i + 1, candidates.length + BEST);
    return changed ? [{ ...candidate, cost, changed, more: few(changed) - now }] : [];
  });
  const best = screened
    .filter(({ more }) => more > 0)
    .toSorted((a, b) => b.more - a.more)
    .slice(0, BEST);
  return best
    .map(({ changed, ...candidate }, i) => {
      const { finishing } = roomTimes(changed);
      onTried(candidates.length + i + 1, candidates.length + best.length);
      return { ...candidate, finishing: finishing.mean, more: finishing.mean - times.finishing.mean };
    })
    .filter(({ more }) => more > 0)
    .toSorted((a, b) => b.more - a.more);
}
