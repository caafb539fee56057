import { readStock } from '../../../app/shelf/stock-list';
import { checkStockList } from '../../../http/checks';
import { writes } from '../../../http/endpoint';

export const POST = writes(checkStockList, ({ text, counting }, { request }) =>
  readStock(text, counting, request.signal),
);
