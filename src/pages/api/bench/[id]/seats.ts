import { addSeats } from '../../../../app/session/seats';
import { checkNewSeats } from '../../../../http/checks';
import { idOf, writes } from '../../../../http/endpoint';

/** Seats somebody who walked in. A tablet seats them as somebody new: who is known here is not its to find out. */
export const POST = writes(checkNewSeats, async ({ seats }, context) => {
  const isTablet = context.locals.door === 'room';
  await addSeats(idOf(context), isTablet ? seats.map((seat) => ({ ...seat, person_id: null })) : seats);
});
