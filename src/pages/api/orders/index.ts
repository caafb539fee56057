import { placeOrders } from '../../../app/buying/orders';
import { checkOrders } from '../../../http/checks';
import { writes } from '../../../http/endpoint';

export const POST = writes(checkOrders, async ({ key, lines }) => placeOrders(key, lines));
