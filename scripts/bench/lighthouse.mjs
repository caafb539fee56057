// Lighthouse of some pages of a server: `lighthouse.mjs mobile|desk URL…`, as JSON by page: scores, what stands still and what is low.
import { chromium } from '@playwright/test';
import lighthouse, { desktopConfig } from 'lighthouse';
import { freePort } from '../lib/ports.mjs';

const port = await freePort(9222);
const browser = await chromium.launch({
  executablePath: '/usr/bin/chromium',
  args: [
    `--remote-debugging-port=${port}`,
    ...['--no-sandbox', '--disable-gpu', '--disable-background-networking', '--no-first-run'],
  ],
});
const [device, ...pages] = process.argv.slice(2);
const scores = {};
try {
  for (const page of pages) {
    const { lhr } = await lighthouse(
      page,
      { port, output: 'json', logLevel: 'error', onlyCategories: ['performance', 'accessibility', 'best-practices'] },
      device === 'desk' ? desktopConfig : undefined,
    );
    const figure = (audit) => lhr.audits[audit].numericValue ?? 0;
    const script = (lhr.audits['network-requests'].details?.items ?? []).filter(
      ({ resourceType }) => resourceType === 'Script',
    );
    scores[page] = {
      ...Object.fromEntries(Object.entries(lhr.categories).map(([name, { score }]) => [name, Math.round(score * 100)])),
      largest: Math.round(figure('largest-contentful-paint')),
      painted: Math.round(figure('first-contentful-paint')),
      blocked: Math.round(figure('total-blocking-time')),
      shifted: Number(figure('cumulative-layout-shift').toFixed(3)),
      // Charts come by themselves, where there are any.
      script: script.reduce((sum, { url, transferSize }) => sum + (/apexcharts/.test(url) ? 0 : transferSize), 0),
      low: Object.values(lhr.audits)
        .filter(({ score, weight = 1 }) => score !== null && score < 0.9 && weight > 0)
        .map(({ id }) => id),
    };
  }
} finally {
  await browser.close();
}
console.log(JSON.stringify(scores));
