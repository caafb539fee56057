import { addSeats } from '../../../../app/seats';
import { checkNewSeats } from '../../../../http/checks';
import { idOf, writes } from '../../../../http/endpoint';
import { unlessKnown } from '../../../../http/known-studio';

export const POST = writes(checkNewSeats, async ({ seats }, context) =>
  unlessKnown(await addSeats(idOf(context), seats), context),
);
