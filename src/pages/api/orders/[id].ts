import { cancelOrder, receiveOrder } from '../../../app/buying/orders';
import { checkDelivery, checkVersion } from '../../../http/checks';
import { idOf, writes } from '../../../http/endpoint';

export const POST = writes(checkDelivery, async ({ key, packs, place }, context) =>
  receiveOrder(idOf(context), key, packs, place),
);
export const DELETE = writes(checkVersion, async ({ version }, context) => cancelOrder(idOf(context), version));
