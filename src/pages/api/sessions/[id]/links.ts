import { revokeLink } from '../../../../app/bench/seat-link';
import { checkSeat } from '../../../../http/checks';
import { idOf, writes } from '../../../../http/endpoint';

/** Revokes a seat's link: cards that were given out open nothing any more. */
export const DELETE = writes(checkSeat, ({ seat }, context) => revokeLink(idOf(context), seat));
