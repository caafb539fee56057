import { orderListPdf } from '../../../app/buying/order-list';
import { downloads } from '../../../http/endpoint';
import { orderChoices } from '../../../http/address/order-choices';
import { readerOf } from '../../../http/reader';

/** All that is short, as a list to order by. */
export const GET = downloads(async ({ url, cookies }) => {
  const asked = url.searchParams.get('paper');
  const paper = asked === 'a4' || asked === 'letter' ? asked : null;
  const writingFor = (studio: Parameters<typeof readerOf>[1]) => ({ ...readerOf(cookies, studio), both: false });
  return {
    body: await orderListPdf(orderChoices(url), writingFor, paper),
    type: 'application/pdf',
    name: 'to-order.pdf',
  };
});
