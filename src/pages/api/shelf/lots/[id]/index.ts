import { moveLot, relabelLot } from '../../../../../app/shelf/move-lot';
import { checkLotLabel, checkLotMove } from '../../../../../http/checks';
import { idOf, writes } from '../../../../../http/endpoint';

export const POST = writes(checkLotMove, async (given, context) => moveLot(idOf(context), given));
export const PATCH = writes(checkLotLabel, async (label, context) => relabelLot(idOf(context), label));
