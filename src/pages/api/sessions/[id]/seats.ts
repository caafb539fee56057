import { addSeats } from '../../../../app/seats';
import { checkNewSeats } from '../../../../http/checks';
import { idOf, writes } from '../../../../http/endpoint';

export const POST = writes(checkNewSeats, async ({ seats }, context) => addSeats(idOf(context), seats));
