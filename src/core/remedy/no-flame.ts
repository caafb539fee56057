import type { PlannedSeat } from '../seat';
import { labelsOf, seatsInWords, type Candidate, type RemedyFeature } from './remedy';

/** Some finish with needle and glue at their seats: the flame is for fewer. */
export const noFlame: RemedyFeature = ({ seats, times }) => {
  const byTurn = times.seats
    .filter(({ visits }) => visits.length > 0)
    .toSorted((a, b) => a.visits[0]!.ready.p50 - b.visits[0]!.ready.p50);
  const open = byTurn.flatMap(({ id }) => seats.filter((seat) => seat.id === id && !seat.kept));
  const offer = (slug: string, some: readonly PlannedSeat[]): Candidate[] =>
    some.length === 0
      ? []
      : [
          {
            slug,
            what: `A finish without flame for ${seatsInWords(some)}`,
            values: { seats: labelsOf(some) },
            cost: {},
            operation: {
              kind: 'seats',
              edits: some.map(({ id, record }) => ({ id, changes: { options: { ...record.options, flame: false } } })),
            },
          },
        ];
  // Every second of the queue, so that those who are left come further apart; or all of it.
  const half = open.filter((_, i) => i % 2 === 1);
  return [...offer('no-flame-half', half), ...(open.length > 1 ? offer('no-flame', open) : [])];
};
