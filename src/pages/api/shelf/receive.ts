import { receiveStock } from '../../../app/shelf/receive';
import { checkReceipts } from '../../../http/checks';
import { writes } from '../../../http/endpoint';

export const POST = writes(checkReceipts, async ({ key, receipts }) => receiveStock(key, receipts));
