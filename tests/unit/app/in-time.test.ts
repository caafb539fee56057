import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { inTime } from '../../../src/app/in-time';

beforeEach(() => void vi.useFakeTimers());
afterEach(() => {
  vi.useRealTimers();
  vi.restoreAllMocks();
});

const after = <T>(ms: number, value: T): Promise<T> => new Promise((done) => setTimeout(done, ms, value));

it('a page has what is ready soon, and does without what takes long', async () => {
  const [soon, late] = [inTime(after(50, 'soon')), inTime(after(60_000, 'late'))];
  await vi.advanceTimersByTimeAsync(50);
  expect(await soon).toBe('soon');
  await vi.advanceTimersByTimeAsync(2000);
  expect(await late).toBeNull();
  // Nothing is left running but the work itself.
  expect(vi.getTimerCount()).toBe(1);
});

it('what fails is told in the log, early or late, and the page comes all the same', async () => {
  const log = vi.spyOn(console, 'error').mockImplementation(() => undefined);
  expect(await inTime(Promise.reject(new Error('no thread')))).toBeNull();
  expect(log).toHaveBeenCalledOnce();
  const fails = after(5000, null).then(() => {
    throw new Error('no thread, later');
  });
  const page = inTime(fails);
  await vi.advanceTimersByTimeAsync(1000);
  expect(await page).toBeNull();
  // Nobody waits for it any more: it must not bring the server down.
  await vi.advanceTimersByTimeAsync(10_000);
  expect(vi.getTimerCount()).toBe(0);
});
