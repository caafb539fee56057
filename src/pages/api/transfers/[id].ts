import { openTransfer } from '../../../app/archive/transfers';
import { idOf, reads } from '../../../http/endpoint';

/** How far an export or import is. */
export const GET = reads((context) => openTransfer(idOf(context)));
