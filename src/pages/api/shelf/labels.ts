import { lotLabels } from '../../../app/sheets/labels';
import { downloads } from '../../../http/endpoint';
import { readerOf } from '../../../http/reader';
import { site } from '../../../http/site';

/** Labels for the lots of an item. */
export const GET = downloads(async ({ url, cookies }) => {
  const item = url.searchParams.get('item') ?? '';
  const { bytes, name } = await lotLabels(item, (studio) => readerOf(cookies, studio).units, site().origin);
  return { body: bytes, type: 'application/pdf', name };
});
