import { sessionStock } from '../../../../app/kits/session-stock';
import { idOf, reads } from '../../../../http/endpoint';

export const GET = reads((context) => sessionStock(idOf(context)));
