import { sessionStock } from '../../../../app/kits';
import { idOf, reads } from '../../../../http/endpoint';

export const GET = reads((context) => sessionStock(idOf(context)));
