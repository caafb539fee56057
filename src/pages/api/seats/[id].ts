import { editSeat, removeSeat } from '../../../app/edit-seats';
import { checkNothing, checkSeatEdit } from '../../../http/checks';
import { idOf, writes } from '../../../http/endpoint';
import { unlessKnown } from '../../../http/known-studio';

export const PATCH = writes(checkSeatEdit, async (edit, context) =>
  unlessKnown(await editSeat(idOf(context), edit), context),
);
export const DELETE = writes(checkNothing, async (_, context) => unlessKnown(await removeSeat(idOf(context)), context));
