import { readScale } from '../../app/shelf/scale';
import { reads } from '../../http/endpoint';

/** What the scale says, of the lot that lies on it, so many milliseconds after it was put there. */
export const GET = reads(({ url }) =>
  readScale(url.searchParams.get('lot') ?? '', Number(url.searchParams.get('since') ?? 0)),
);
