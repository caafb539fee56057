import type { Pace } from '../pace';
import type { Figures } from '../studio';
import { workedMinutes, type Bench, type SeatAtWork } from './bench';

/** How much slower than planned somebody works, and how far that may still be off, both as logarithms of time. */
export interface PaceSeen {
  readonly slower: number;
  readonly spread: number;
  /** Knots it was seen by. */
  readonly ties: number;
}

/**
 * What was planned of somebody's pace, blended with what was seen of it. Planned: the logarithm of their time differs by the seat's spread, of
 * which a share is the person's own. Seen: so many knots in so many worked minutes, which say as much as the plan once there are
 * `pace_seen` of them. Both are taken as normal, so they are weighed by how much each may be off.
 *
 * @param ties of the whole piece, that its minutes of knotting are for
 *
 * @example
 * paceSeen(plan.pace, 60, seatAtWork(benchOf([], () => 0), 's'), benchOf([], () => 0), figures).slower // 0
 */
export function paceSeen(
  { phases, spread }: Pace,
  ties: number,
  { first, latest }: SeatAtWork,
  bench: Pick<Bench, 'pauses'>,
  figures: Figures,
): PaceSeen {
  const person = spread * Math.sqrt(figures.person_share);
  const planned = { slower: 0, spread, ties: 0 };
  const knotting = phases.reduce((sum, { phase, minutes }) => sum + (phase === 'knot' ? minutes : 0), 0);
  if (!first || !latest || ties === 0 || knotting === 0) return planned;
  const seen = latest.made - first.made;
  const took = workedMinutes(bench, first.at, latest.at);
  if (seen <= 0 || took <= 0) return planned;
  const weight = seen / (seen + figures.pace_seen);
  const usual = (knotting * seen) / ties;
  return {
    slower: weight * Math.log(took / usual),
    // Of the person there is as much less to learn as was seen; what differs from phase to phase stays.
    spread: Math.hypot(person * Math.sqrt(1 - weight), spread * Math.sqrt(1 - figures.person_share)),
    ties: seen,
  };
}
