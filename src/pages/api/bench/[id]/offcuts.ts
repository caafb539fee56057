import { offcutsFor } from '../../../../app/bench/room-stock';
import { idOf, reads } from '../../../../http/endpoint';

export const GET = reads((context) => offcutsFor(idOf(context)));
