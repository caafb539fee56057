// What it takes to take a page over when it is first touched, on a phone four times slower than this machine: `touch.mjs URL…`, as
// JSON by page. Lighthouse does not touch what it looks at, so it sees nothing of this, nor the scripts that come with it.
import { chromium } from '@playwright/test';

const SLOWER = 4;
/** Somebody reads before they press, milliseconds. */
const READ = 1000;

const browser = await chromium.launch({
  executablePath: '/usr/bin/chromium',
  args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking', '--no-first-run'],
});

const isTakenOver = () =>
  [...document.querySelectorAll('astro-island')].every(
    (island) =>
      !island.hasAttribute('ssr') &&
      [...island.querySelectorAll('button, input, textarea, select')].every((field) =>
        Object.keys(field).some((key) => key.startsWith('__react')),
      ),
  );

async function touch(url) {
  const context = await browser.newContext({ viewport: { width: 412, height: 823 }, hasTouch: true, isMobile: true });
  const page = await context.newPage();
  await page.addInitScript(() => {
    window.long = [];
    new PerformanceObserver((list) => window.long.push(...list.getEntries())).observe({ type: 'longtask' });
  });
  const devices = await context.newCDPSession(page);
  await devices.send('Network.enable');
  const scripts = new Map();
  devices.on('Network.responseReceived', ({ requestId, type, response }) => {
    // Charts come by themselves, where there are any.
    if (type === 'Script' && !response.url.includes('apexcharts')) scripts.set(requestId, 0);
  });
  devices.on('Network.loadingFinished', ({ requestId, encodedDataLength }) => {
    if (scripts.has(requestId)) scripts.set(requestId, encodedDataLength);
  });
  await devices.send('Emulation.setCPUThrottlingRate', { rate: SLOWER });
  await page.goto(url, { waitUntil: 'load' });
  await page.waitForTimeout(READ);
  const from = await page.evaluate(() => performance.now());
  await page.touchscreen.tap(206, 2);
  await page.waitForFunction(isTakenOver, undefined, { timeout: 60_000 });
  const found = await page.evaluate(
    (from) => ({
      taken: Math.round(performance.now() - from),
      blocked: Math.round(
        window.long
          .filter(({ startTime }) => startTime > from)
          .reduce((sum, { duration }) => sum + Math.max(0, duration - 50), 0),
      ),
    }),
    from,
  );
  await context.close();
  return { ...found, script: [...scripts.values()].reduce((sum, bytes) => sum + bytes, 0) };
}

const found = {};
try {
  for (const url of process.argv.slice(2)) found[url] = await touch(url);
} finally {
  await browser.close();
}
console.log(JSON.stringify(found));
