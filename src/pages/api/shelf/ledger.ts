import { openLedger } from '../../../app/shelf/shelf';
import { Problem } from '../../../core/problem';
import { reads } from '../../../http/endpoint';

const UUID = /^[0-9a-f]{8}(?:-[0-9a-f]{4}){3}-[0-9a-f]{12}$/i;

export const GET = reads(({ url }) => {
  const { lot, session, before } = Object.fromEntries(url.searchParams);
  if (
    [lot, session].some((id) => id !== undefined && !UUID.test(id)) ||
    (before !== undefined && !/^\d{1,18}$/.test(before))
  )
    throw new Problem(422, 'invalid', 'A lot or session is named by its id, a page by the number of a movement.');
  return openLedger({ ...(lot && { lot }), ...(session && { session }), ...(before && { before }) });
});
