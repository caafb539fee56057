import { sessionStock } from '../../../../app/session-stock';
import { idOf, reads } from '../../../../http/endpoint';

export const GET = reads((context) => sessionStock(idOf(context)));
