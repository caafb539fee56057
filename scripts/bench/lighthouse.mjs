// Lighthouse of some pages of a server, as its mobile device: their scores, as JSON.
import { chromium } from '@playwright/test';
import lighthouse from 'lighthouse';
import { freePort } from '../lib/ports.mjs';

const port = await freePort(9222);
const browser = await chromium.launch({
  executablePath: '/usr/bin/chromium',
  args: [
    `--remote-debugging-port=${port}`,
    ...['--no-sandbox', '--disable-gpu', '--disable-background-networking', '--no-first-run'],
  ],
});
const scores = {};
try {
  for (const page of process.argv.slice(2)) {
    const { lhr } = await lighthouse(page, {
      port,
      output: 'json',
      logLevel: 'error',
      onlyCategories: ['performance', 'accessibility', 'best-practices'],
    });
    scores[page] = {
      ...Object.fromEntries(Object.entries(lhr.categories).map(([name, { score }]) => [name, Math.round(score * 100)])),
      interactive: Math.round(lhr.audits.interactive.numericValue),
      painted: Math.round(lhr.audits['first-contentful-paint'].numericValue),
      low: Object.values(lhr.audits)
        .filter(({ score, weight = 1 }) => score !== null && score < 0.9 && weight > 0)
        .map(({ id }) => id),
    };
  }
} finally {
  await browser.close();
}
console.log(JSON.stringify(scores));
