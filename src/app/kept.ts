import { createHash } from 'node:crypto';
import { inThread } from '../threads/pool';
import type { Tasks } from '../threads/tasks';

/** What was made, by what it was made from, the last asked for last: while nothing of that changes it is not made again. */
const kept = new Map<string, Promise<unknown>>();
const MOST = 40;

/** A paper as PDF, or what becomes of a room. Of two who ask for the same at once, the second gets what the first is waiting for. */
export function keptOf<Name extends 'labels' | 'sheet' | 'room'>(
  task: Name,
  input: Tasks[Name]['input'],
): Promise<Tasks[Name]['output']> {
  const key = createHash('sha256').update(task).update(JSON.stringify(input)).digest('hex');
  const made = (kept.get(key) as Promise<Tasks[Name]['output']> | undefined) ?? inThread(task, input);
  kept.delete(key);
  kept.set(key, made);
  made.catch(() => kept.delete(key));
  if (kept.size > MOST) kept.delete(kept.keys().next().value!);
  return made;
}
