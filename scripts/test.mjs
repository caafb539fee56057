// npm test: every check of the project, from a bare clone; ends with `N passed, N failed`. `npm test -- unit` runs what is named.
import { spawn } from 'node:child_process';
import { once } from 'node:events';
import { existsSync, mkdirSync, readFileSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { buildApplication, buildPrograms, THREAD } from './lib/build.mjs';
import { prepareDatabase, startServer } from './lib/application.mjs';
import { needDebian } from './lib/debian.mjs';
import { installPackages } from './lib/install.mjs';
import { freePort } from './lib/ports.mjs';
import { cluster, stateFolder } from './lib/postgres.mjs';
import { QUIET, ROOT } from './lib/root.mjs';
import { run } from './lib/run.mjs';
import { say } from './lib/say.mjs';

const only = process.argv.slice(2);
const wanted = (name) => only.length === 0 || only.includes(name);
let passed = 0;
let failed = 0;
const failures = [];

function count(name, good, bad) {
  passed += good;
  failed += bad;
  if (bad > 0) failures.push(`${name}: ${bad} failed`);
}

/** Checks that pass or fail as a whole, two at a time; each says what it has to say when it is done. */
async function check(checks) {
  const waiting = checks.filter(([name]) => wanted(name));
  const next = async () => {
    const one = waiting.shift();
    if (!one) return;
    const [name, tool, args] = one;
    const ok = await beside(name, tool, args);
    count(name, ok ? 1 : 0, ok ? 0 : 1);
    await next();
  };
  await Promise.all([next(), next()]);
}

/** Runs a tool of node_modules beside others; says what it has to say when it is done. True when it ended well. */
async function beside(name, tool, args, env = {}) {
  const { status, said } = await run(join(ROOT, 'node_modules/.bin', tool), args, env);
  say(`\n== ${name}\n${said}`);
  return status === 0;
}

/** Vitest on some projects, counted test by test. A run that left no report counts as a failure. */
async function vitest(name, env) {
  if (!wanted(name)) return;
  const file = join(ROOT, `.lapboard/${name}.json`);
  rmSync(file, { force: true });
  const reports = ['--reporter=default', '--reporter=json', `--outputFile.json=${file}`];
  const ok = await beside(name, 'vitest', ['run', '--project', name, ...reports], env);
  const report = existsSync(file)
    ? JSON.parse(readFileSync(file, 'utf8'))
    : { numPassedTests: 0, numFailedTests: 0, numTotalTests: 0 };
  const skipped = report.numTotalTests - report.numPassedTests - report.numFailedTests;
  const bad = report.numFailedTests + skipped;
  count(name, report.numPassedTests, bad === 0 && (!ok || report.numPassedTests === 0) ? 1 : bad);
}

/** The browser tests, two at a time, each against an application to itself. */
async function browser(served) {
  say('\n== browser');
  const file = join(ROOT, '.lapboard/browser.json');
  rmSync(file, { force: true });
  const child = spawn(join(ROOT, 'node_modules/.bin/playwright'), ['test'], {
    cwd: ROOT,
    env: { ...QUIET, SERVED: JSON.stringify(served) },
    stdio: ['ignore', 1, 2],
  });
  const [status] = await once(child, 'close');
  const {
    expected = 0,
    unexpected = 0,
    flaky = 0,
    skipped = 0,
  } = existsSync(file) ? JSON.parse(readFileSync(file, 'utf8')).stats : {};
  const bad = unexpected + flaky + skipped;
  count('browser', expected, bad === 0 && (status !== 0 || expected === 0) ? 1 : bad);
}

// The door to the room is tried from another network, which only root may make.
needDebian('postgresql', 'chromium', ...(process.getuid() === 0 ? ['iproute2'] : []));
await installPackages();
mkdirSync(join(ROOT, '.lapboard'), { recursive: true });
await run(join(ROOT, 'node_modules/.bin/astro'), ['sync']);

await check([
  ['types', 'astro', ['check', '--minimumFailingSeverity', 'hint']],
  ['lint', 'eslint', ['.', '--max-warnings', '0']],
  ['format', 'prettier', ['--check', '.', '--log-level', 'warn']],
  ['imports', 'depcruise', ['src', 'catalogue', 'demo', '--config', '.dependency-cruiser.cjs', '--output-type', 'err']],
  ['unused', 'knip', []],
]);

/** Clusters of their own, thrown away at the end: nothing in them is anybody's data. */
const clusters = [];
const servers = [];
async function newCluster() {
  const folder = stateFolder(`lapboard-test-${process.pid}-${clusters.length}`);
  const postgres = cluster(folder, 55320 + clusters.length, ['-c', 'fsync=off']);
  clusters.push({ folder, postgres });
  await postgres.start();
  return { folder, postgres };
}

/** The application over the demo in a cluster of its own: its address, its database and the cluster's folder. */
async function serve({ folder, postgres }) {
  postgres.createDatabase('browser');
  const database = postgres.url('browser');
  await prepareDatabase(database, { demo: true });
  const port = await freePort(4420);
  const roomPort = await freePort(4560, '0.0.0.0');
  const room = `http://127.0.0.1:${roomPort}`;
  servers.push(await startServer(database, port, { LAPBOARD_ROOM: room, LAPBOARD_ROOM_PORT: String(roomPort) }));
  return { url: `http://127.0.0.1:${port}`, room, database, cluster: folder };
}

async function integration({ postgres }) {
  if (!wanted('integration')) return;
  postgres.createDatabase('integration');
  await vitest('integration', {
    DATABASE_URL: postgres.url('integration'),
    TEST_DATABASE: 'yes',
    LAPBOARD_THREAD: THREAD,
  });
}

/** The application is built and its demo loaded while the others run: those wait for a database for much of their time. */
async function served(first) {
  if (!wanted('served') && !wanted('browser')) return [];
  await buildApplication();
  return [await serve(first), ...(wanted('browser') ? [await serve(await newCluster())] : [])];
}

if (!['integration', 'served', 'browser'].some(wanted)) await vitest('unit', {});
else {
  try {
    const first = await newCluster();
    await buildPrograms();
    const [, , applications] = await Promise.all([vitest('unit', {}), integration(first), served(first)]);
    if (wanted('browser')) await browser(applications);
    // Last: what it sends leaves little as it was.
    const [{ url, room, database, cluster: folder } = {}] = applications;
    await vitest('served', { SERVED_URL: url, SERVED_ROOM: room, SERVED_DATABASE: database, SERVED_CLUSTER: folder });
  } finally {
    for (const server of servers) server.kill('SIGKILL');
    for (const { folder, postgres } of clusters) {
      postgres.stop('immediate');
      rmSync(folder, { recursive: true, force: true });
    }
  }
}

for (const line of failures) say(line);
console.log(`${passed} passed, ${failed} failed`);
process.exit(failed > 0 ? 1 : 0);
