import { createHash } from 'node:crypto';
import { Problem } from '../../core/problem';
import { markOfKey } from '../../data/asked';
import { inTransaction } from '../../data/database/transaction';

/** Refuses a key that came before with something else: it would be answered as if that other thing were this one. */
export async function askedOnce(key: string, what: unknown): Promise<void> {
  const mark = createHash('sha256').update(JSON.stringify(what)).digest('hex');
  const first = await inTransaction((t) => markOfKey(key, mark, t));
  if (first !== mark)
    throw new Problem(422, 'key-used', 'This key was used for something else: send it with a key of its own.', {
      pointer: '/key',
    });
}
