import { placeOrder } from '../../../app/orders';
import { checkOrder } from '../../../http/checks';
import { writes } from '../../../http/endpoint';

export const POST = writes(checkOrder, async ({ id, item, packs }) => placeOrder(id, item, packs));
