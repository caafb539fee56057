import { readStock } from '../../../app/shelf/stock-list';
import { checkStockList } from '../../../http/checks';
import { writes } from '../../../http/endpoint';

export const POST = writes(checkStockList, async ({ text, counting }) => readStock(text, counting));
