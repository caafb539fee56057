import type { Cut } from '../cut';
import type { SeatWithPlan } from './planned-seat';

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

/**
 * The lengths a session's seats call for now, as they would be noted when cut.
 *
 * @example
 * cutsNow([{ id: 's', plan }]).map(({ seat, cord }) => [seat, cord]) // [['s', 'sheathed-4']]
 */
export function cutsNow(seats: readonly SeatWithPlan[]): CutDone[] {
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

/**
 * A length in one line, to tell whether what somebody saw is what is called for: for whom, of what, how long.
 *
 * @example
 * cutKey({ seat: 's', label: 'Ada', cord: 'satin-2', colour: 'race', role: 'core', pieces: 1, length_mm: 900 }) // 's|satin-2|race|core|1|900'
 */
export const cutKey = (cut: CutDone): string =>
  [cut.seat, cut.cord, cut.colour, cut.role, cut.pieces, cut.length_mm].join('|');

/**
 * A seat's cuts in one line each, as kits remember them.
 *
 * @example
 * kitKeys([]).length // 0
 */
export const kitKeys = (seats: readonly SeatWithPlan[]): string[] => cutsNow(seats).map(cutKey).sort();
