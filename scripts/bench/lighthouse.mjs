// Lighthouse of some pages of a server: `lighthouse.mjs mobile|desk RUNS URL…`, as JSON by page: scores, what stands still and what is low.
// The same page differs by 10 from one visit to the next: of several, the middle one is told, with how quick the machine was then.
import { chromium } from '@playwright/test';
import lighthouse, { desktopConfig } from 'lighthouse';
import { throttling } from 'lighthouse/core/config/constants.js';
import { freePort } from '../lib/ports.mjs';

const port = await freePort(9222);
const browser = await chromium.launch({
  executablePath: '/usr/bin/chromium',
  args: [
    `--remote-debugging-port=${port}`,
    ...['--no-sandbox', '--disable-gpu', '--disable-background-networking', '--no-first-run'],
  ],
});
const [device, runs, ...pages] = process.argv.slice(2);
const score = ({ categories }) => categories.performance.score ?? 0;

/**
 * The slowest machine that Lighthouse reckons with, by its own index: on a slower one it says that the four times by which its mobile
 * device is slower have to be set anew. There a page is visited once more, by as many times fewer as the machine is slower.
 */
const EXPECTED = 1000;
const MOBILE = throttling.mobileSlow4G;
const asExpected = (index) => ({
  extends: 'lighthouse:default',
  settings: {
    throttling: { ...MOBILE, cpuSlowdownMultiplier: (MOBILE.cpuSlowdownMultiplier * index) / EXPECTED },
  },
});

async function visit(page, config = device === 'desk' ? desktopConfig : undefined) {
  const { lhr } = await lighthouse(
    page,
    { port, output: 'json', logLevel: 'error', onlyCategories: ['performance', 'accessibility', 'best-practices'] },
    config,
  );
  return lhr;
}

const scores = {};
try {
  for (const page of pages) {
    const visits = [];
    for (let run = 0; run < Number(runs); run++) visits.push(await visit(page));
    visits.sort((a, b) => score(a) - score(b));
    const lhr = visits[Math.floor(visits.length / 2)];
    const figure = (audit) => lhr.audits[audit].numericValue ?? 0;
    const { benchmarkIndex } = lhr.environment;
    const again =
      device === 'mobile' && benchmarkIndex < EXPECTED ? await visit(page, asExpected(benchmarkIndex)) : lhr;
    scores[page] = {
      ...Object.fromEntries(Object.entries(lhr.categories).map(([name, { score }]) => [name, Math.round(score * 100)])),
      largest: Math.round(figure('largest-contentful-paint')),
      painted: Math.round(figure('first-contentful-paint')),
      blocked: Math.round(figure('total-blocking-time')),
      shifted: Number(figure('cumulative-layout-shift').toFixed(3)),
      machine: Math.round(benchmarkIndex),
      expected: {
        performance: Math.round(score(again) * 100),
        blocked: Math.round(again.audits['total-blocking-time'].numericValue ?? 0),
      },
      low: Object.values(lhr.audits)
        .filter(({ score, weight = 1 }) => score !== null && score < 0.9 && weight > 0)
        .map(({ id }) => id),
    };
  }
} finally {
  await browser.close();
}
console.log(JSON.stringify(scores));
