/** What the page is made of, as it was loaded. */
const parts = (): string[] =>
  performance
    .getEntriesByType('resource')
    .map(({ name }) => name)
    .filter((name) => name.startsWith(`${location.origin}/_astro/`));

/** Has the phone keep this page with its pictures, so that it is there when it is reloaded without a network. Only where the browser keeps pages. */
export async function keepPage(pictures: readonly string[]): Promise<void> {
  if (!('serviceWorker' in navigator) || !window.isSecureContext) return;
  const isKept = navigator.serviceWorker.controller !== null;
  const claimed = new Promise((done) =>
    navigator.serviceWorker.addEventListener('controllerchange', done, { once: true }),
  );
  await navigator.serviceWorker.register('/seat-worker.js', { scope: '/s/' });
  if (isKept) return;
  // The worker came after the page: what was loaded before it is asked for once more, through it.
  await claimed;
  await Promise.all([...pictures, ...parts()].map((name) => fetch(name).catch(() => undefined)));
  // The page itself last: where it is kept, all of it is.
  await fetch(location.href);
}
