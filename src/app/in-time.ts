/** A page waits no longer than this for what it could do without at first, ms. */
const PATIENCE = 700;

/** What is worked out, where it is in time for a page; else null, and it goes on without anybody waiting. */
export async function inTime<T>(work: Promise<T>): Promise<T | null> {
  let timer: NodeJS.Timeout | undefined;
  const late = new Promise<null>((resolve) => {
    timer = setTimeout(() => resolve(null), PATIENCE);
  });
  try {
    return await Promise.race([work, late]);
  } catch (error) {
    console.error('A page goes without what it was to come with:', error);
    return null;
  } finally {
    clearTimeout(timer);
    work.catch(() => undefined);
  }
}
