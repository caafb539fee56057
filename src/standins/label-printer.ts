import type { LabelJob, LabelPrinter, PrinterState } from '../core/device';

/** Labels on a roll, and a made-up label that always jams: the 13th of each roll. */
const ROLL = 60;
const JAMS_AT = 13;

/**
 * A made-up label printer that ships with the app: a queue, two labels a second, a roll that runs out and a label that jams. What
 * was printed before a fault is not printed again.
 */
export function simulatedPrinter(now: () => number): LabelPrinter {
  let queue: LabelJob[] = [];
  let paper = ROLL;
  let jam = false;
  let last = now();
  let next = 1;
  const state = (): PrinterState => ({
    state: jam ? 'jam' : paper === 0 && queue.length > 0 ? 'out-of-paper' : queue.length > 0 ? 'printing' : 'ready',
    paper,
    queue: [...queue],
  });
  const run = (): PrinterState => {
    let due = Math.floor((now() - last) / 500);
    last += due * 500;
    for (; due > 0 && queue.length > 0 && paper > 0 && !jam; due--) {
      const [job, ...rest] = queue;
      if (!job) break;
      const done = job.done + 1;
      paper -= 1;
      if (ROLL - paper === JAMS_AT) jam = true;
      queue = done >= job.labels ? rest : [{ ...job, done }, ...rest];
    }
    return state();
  };
  return {
    state: run,
    print(title, labels) {
      run();
      queue = [...queue, { id: next++, title, labels, done: 0 }];
      return state();
    },
    attend() {
      run();
      jam = false;
      if (paper === 0) paper = ROLL;
      last = now();
      return state();
    },
    cancel(id) {
      run();
      queue = queue.filter((job) => job.id !== id);
      return state();
    },
  };
}
