import { undoMovement } from '../../../../app/shelf/move-lot';
import { checkKey } from '../../../../http/checks';
import { writes } from '../../../../http/endpoint';
import { notFound } from '../../../../core/problem';

/** Enters the counter-movement. */
export const POST = writes(checkKey, async ({ key }, { params: { id = '' } }) => {
  if (!/^\d{1,18}$/.test(id)) throw notFound('movement');
  return undoMovement(id, key);
});
