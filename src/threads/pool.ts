import { on } from 'node:events';
import { Piscina } from 'piscina';
import { MessageChannel, type MessagePort } from 'node:worker_threads';
import { Problem } from '../core/problem';
import type { Input, Output, Task } from './tasks';

/** Those beyond the ones that start with the process start when they are needed; all stay, since to start one takes a second. */
const MAX_THREADS = 2;
/** The most tasks that may wait. */
const MAX_QUEUE = 60;
/** The most memory of a thread. */
const MAX_HEAP_MB = 1024;
/** The longest that a task may take, waiting not counted. */
const TIMEOUT_MS = 60_000;

let shared: Piscina | undefined;

function pool(): Piscina {
  const filename = process.env.LAPBOARD_THREAD;
  if (!filename) throw new Error('LAPBOARD_THREAD is not set; npm start sets it');
  shared ??= new Piscina({
    filename,
    minThreads: Number(process.env.LAPBOARD_THREADS ?? 1),
    maxThreads: MAX_THREADS,
    maxQueue: MAX_QUEUE,
    idleTimeout: Infinity,
    resourceLimits: { maxOldGenerationSizeMb: MAX_HEAP_MB },
  });
  return shared;
}

/** What a caller may say of a task. */
export interface TaskOptions {
  /** Ends the task, or takes it out of the queue: its client has left. */
  readonly signal?: AbortSignal;
  /** The longest it may take from now, ms; for one that is fed as it goes on, there is none. */
  readonly timeout?: number | null;
}

const isAbort = (error: unknown): boolean => error instanceof Error && error.name === 'AbortError';

function asProblem(error: unknown, isLate: boolean): unknown {
  if (isLate) return new Problem(503, 'too-long', 'That took too long. Ask for less at once.');
  if (isAbort(error)) return new Problem(503, 'cancelled', 'Cancelled: nobody waits for the answer.');
  if (error instanceof Error && /memory/i.test(error.message))
    return new Problem(422, 'too-much-memory', 'That is too much to be read at once. Split it into smaller parts.');
  if (error instanceof Error && /queue/i.test(error.message))
    return new Problem(503, 'busy', 'Many tasks are waiting. Nothing is lost; try again in a moment.');
  return error;
}

/**
 * Does a task in a worker thread, so that the server answers other requests meanwhile.
 *
 * @throws Problem 503 where too many wait, it takes too long or is cancelled; 422 where it needs too much memory
 */
export async function inThread<Name extends Task>(
  name: Name,
  input: Input<Name>,
  { signal, timeout = TIMEOUT_MS }: TaskOptions = {},
): Promise<Output<Name>> {
  const late = timeout === null ? null : AbortSignal.timeout(timeout);
  const ends = [late, signal].filter((one) => one != null);
  try {
    return (await pool().run(input, {
      name,
      transferList: 'port' in input ? [input.port] : [],
      ...(ends.length > 0 && { signal: AbortSignal.any(ends) }),
    })) as Output<Name>;
  } catch (error) {
    throw asProblem(error, late?.aborted ?? false);
  }
}

// Who asks first does not wait for the first thread.
if (process.env.LAPBOARD_THREAD) setImmediate(pool);

/**
 * What a task sends through a port, one message after another: the next is sent when this one was used, so that neither side runs
 * ahead of the other. It ends with the task's answer.
 *
 * @param start begins the task with its end of the port
 */
export async function* streamFrom<Message, Answer>(
  start: (port: MessagePort) => Promise<Answer>,
): AsyncGenerator<Message, Answer> {
  const { port1, port2 } = new MessageChannel();
  const ended = start(port2);
  // A thread that has answered is stopped at once: it no longer says that it closed its end.
  ended.finally(() => port1.close()).catch(() => undefined);
  try {
    for await (const [message] of on(port1, 'message', { close: ['close'] })) {
      yield message as Message;
      port1.postMessage('next');
    }
    return await ended;
  } finally {
    port1.close();
  }
}
