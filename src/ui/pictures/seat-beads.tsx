import type { BeadState } from '../../core/seat';
import { Bead, beadWords } from './bead';

export interface SeatBead {
  readonly name: string;
  readonly state: BeadState;
  readonly colours: readonly string[];
}

/** A count of each state, worst first: `1 needs a decision, 2 on an estimate, 9 measured`. */
export function beadSummary(beads: readonly SeatBead[]): string {
  const order: BeadState[] = ['notched', 'hollow', 'ringed', 'solid'];
  return order
    .map((state) => ({ state, n: beads.filter((bead) => bead.state === state).length }))
    .filter(({ n }) => n > 0)
    .map(({ state, n }) => `${n} ${beadWords(state)}`)
    .join(', ');
}

/** A session at a glance: a bead a seat, threaded in seating order. */
export function SeatBeads({ beads, size = 20 }: { beads: readonly SeatBead[]; size?: number }) {
  if (beads.length === 0) return <p className="quiet text-sm">No seats yet</p>;
  return (
    <ul className="flex flex-wrap gap-1" aria-label={`${beads.length} seats: ${beadSummary(beads)}`}>
      {beads.map((bead, i) => (
        <li key={i} title={`${bead.name}: ${beadWords(bead.state)}`} className="flex">
          <Bead state={bead.state} colours={bead.colours} size={size} />
          <span className="sr-only">
            {bead.name}: {beadWords(bead.state)}
          </span>
        </li>
      ))}
    </ul>
  );
}
