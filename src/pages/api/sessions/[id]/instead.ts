import { replacements } from '../../../../app/kits/instead';
import { Problem } from '../../../../core/problem';
import { cordOf } from '../../../../core/shelf';
import { idOf, reads } from '../../../../http/endpoint';

/** What on the shelf could stand in for a cord and colour of the session. */
export const GET = reads((context) => {
  const item = context.url.searchParams.get('item') ?? '';
  if (!cordOf(item))
    throw new Problem(422, 'invalid', 'Name a cord and colour, such as cord/satin-2/race.', { pointer: '/item' });
  return replacements(idOf(context), item);
});
