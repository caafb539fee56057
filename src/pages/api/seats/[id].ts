import { editSeat, removeSeat } from '../../../app/session/edit-seats';
import { checkSeatRemoval, checkSeatEdit } from '../../../http/checks';
import { idOf, writes } from '../../../http/endpoint';
import { unlessKnown } from '../../../http/known-studio';

export const PATCH = writes(checkSeatEdit, async (edit, context) =>
  unlessKnown(await editSeat(idOf(context), edit), context),
);
export const DELETE = writes(checkSeatRemoval, async ({ session, version }, context) =>
  unlessKnown(await removeSeat(idOf(context), session, version), context),
);
