import { createHash } from 'node:crypto';
import { inThread } from '../../threads/in-thread';
import type { Tasks } from '../../threads/tasks';

/** Papers that were made, by what is on them, the last asked for last: while nothing on them changes they are not made again. */
const kept = new Map<string, Promise<Uint8Array>>();
const MOST = 24;

/** A paper as PDF. Of two who ask for the same at once, the second is given what the first is waiting for. */
export function paper<Name extends 'labels' | 'sheet'>(task: Name, input: Tasks[Name]['input']): Promise<Uint8Array> {
  const key = createHash('sha256').update(task).update(JSON.stringify(input)).digest('hex');
  const made = kept.get(key) ?? inThread(task, input);
  kept.delete(key);
  kept.set(key, made);
  made.catch(() => kept.delete(key));
  if (kept.size > MOST) kept.delete(kept.keys().next().value!);
  return made;
}
