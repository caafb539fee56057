import type { Said } from './progress';

/**
 * What of some entries is worth storing: a count that would leave the piece's knots, below none or past all of them, is cut to what
 * is left of it, and one that then changes nothing is left out.
 *
 * @param madeOf knots that a seat has made before these entries
 * @param tiesOf knots that a seat's piece has; Infinity where it cannot be planned
 *
 * @example
 * withinCourse([{ seat: 's', what: 'made', value: 5 }], () => 27, () => 29)[0].value // 2
 */
export function withinCourse<Entry extends Pick<Said, 'seat' | 'what' | 'value'>>(
  said: readonly Entry[],
  madeOf: (seat: string) => number,
  tiesOf: (seat: string) => number,
): Entry[] {
  const made = new Map<string, number>();
  return said.flatMap((one) => {
    if (one.what !== 'made' || one.seat === null) return [one];
    const ties = tiesOf(one.seat);
    const before = made.get(one.seat) ?? Math.min(ties, madeOf(one.seat));
    const after = Math.min(ties, Math.max(0, before + Number(one.value)));
    made.set(one.seat, after);
    return after === before ? [] : [{ ...one, value: after - before }];
  });
}
