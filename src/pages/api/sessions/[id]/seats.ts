import { editSeats } from '../../../../app/session/edit-seats';
import { addSeats } from '../../../../app/session/seats';
import { checkNewSeats, checkSeatEdits } from '../../../../http/checks';
import { idOf, writes } from '../../../../http/endpoint';
import { unlessKnown } from '../../../../http/known-studio';

export const POST = writes(checkNewSeats, async ({ seats }, context) =>
  unlessKnown(await addSeats(idOf(context), seats), context),
);
/** Several of them changed together. */
export const PATCH = writes(checkSeatEdits, async ({ edits }, context) =>
  unlessKnown(await editSeats(idOf(context), edits), context),
);
