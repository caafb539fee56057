import { Worker } from 'node:worker_threads';
import { Problem } from '../core/problem';
import type { Answer, Asked, Tasks } from './tasks';

/** The longest that anything asked of the thread may take, ms; past it, it is ended. */
const MOST_TIME = 60_000;
/** So many may wait for it: more are told to come again. */
const MOST_WAITING = 40;
/** It stays for so long after its last answer, ms. */
const IDLE = 30_000;

function start(): Worker {
  const program = process.env.LAPBOARD_THREAD;
  if (!program) throw new Error('LAPBOARD_THREAD is not set; npm start sets it');
  return new Worker(program, { resourceLimits: { maxOldGenerationSizeMb: 1024 } });
}

interface Waiting {
  readonly asked: Asked;
  readonly settle: (answer: Answer | Error) => void;
}

let worker: Worker | null = null;
let timer: NodeJS.Timeout | undefined;
const queue: Waiting[] = [];
let next = 0;

/** Ends the thread: what it was at fails, what waits begins anew with another. */
function end(why: Error): void {
  const old = worker;
  worker = null;
  clearTimeout(timer);
  void old?.terminate();
  queue.shift()?.settle(why);
  if (queue.length > 0) ask();
}

function ask(): void {
  if (!worker) {
    const own = start();
    worker = own;
    own.unref();
    own.on('message', (answer: Answer) => {
      if (own !== worker || queue[0]?.asked.id !== answer.id) return;
      clearTimeout(timer);
      queue.shift()!.settle(answer);
      if (queue.length > 0) ask();
      else timer = setTimeout(() => own === worker && end(new Error('idle')), IDLE).unref();
    });
    own.on('error', (error) => own === worker && end(error));
    own.on('exit', () => own === worker && end(new Error('the thread ended')));
  }
  clearTimeout(timer);
  worker.ref();
  timer = setTimeout(() => end(new Problem(503, 'too-long', 'That took too long. Ask for less at once.')), MOST_TIME);
  worker.postMessage(queue[0]!.asked);
}

/** Has something done off the main thread; one after the other, so that the server always answers. */
export function inThread<Name extends keyof Tasks>(
  task: Name,
  input: Tasks[Name]['input'],
): Promise<Tasks[Name]['output']> {
  if (queue.length >= MOST_WAITING)
    return Promise.reject(
      new Problem(503, 'busy', 'Many are asking for sheets just now. Nothing is lost; ask again in a moment.'),
    );
  return new Promise((resolve, reject) => {
    const settle = (answer: Answer | Error): void => {
      if (queue.length === 0) worker?.unref();
      if (answer instanceof Error) reject(answer);
      else if ('failed' in answer) reject(new Error(answer.failed));
      else resolve(answer.output as Tasks[Name]['output']);
    };
    queue.push({ asked: { id: next++, task, input }, settle });
    if (queue.length === 1) ask();
  });
}
