import { editSeat, removeSeat } from '../../../app/seats';
import { checkNothing, checkSeatEdit } from '../../../http/checks';
import { idOf, writes } from '../../../http/endpoint';

export const PATCH = writes(checkSeatEdit, async (edit, context) => editSeat(idOf(context), edit));
export const DELETE = writes(checkNothing, async (_, context) => removeSeat(idOf(context)));
