import { importStudio } from '../../app/archive/archive';
import { followTransfer } from '../../app/archive/transfers';
import { takesFile } from '../../http/endpoint';
import { isUuid } from '../../http/ids';

/** Imports an exported studio into an empty one; `transfer` is the id by which its page asks how far it is. */
export const POST = takesFile('application/zip', (parts, { url, request }) => {
  const transfer = url.searchParams.get('transfer') ?? '';
  return importStudio(parts, isUuid(transfer) ? followTransfer(transfer) : undefined, request.signal);
});
