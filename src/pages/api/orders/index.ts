import { placeOrder } from '../../../app/shelf/orders';
import { checkOrder } from '../../../http/checks';
import { writes } from '../../../http/endpoint';

export const POST = writes(checkOrder, async ({ key, item, packs }) => placeOrder(key, item, packs));
