import { findAnything } from '../../app/studio/find';
import { reads } from '../../http/endpoint';

/** Whatever has such words in its name; a hundred letters are enough to tell it by. */
export const GET = reads(({ url }) => findAnything((url.searchParams.get('text') ?? '').slice(0, 100)));
