// npm test: every check of the project, from a bare clone; ends with `N passed, N failed`. `npm test -- unit` runs what is named.
import { spawn, spawnSync } from 'node:child_process';
import { existsSync, mkdirSync, readFileSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { buildApplication, buildThread, THREAD } from './lib/build.mjs';
import { prepareDatabase, startServer } from './lib/application.mjs';
import { needDebian } from './lib/debian.mjs';
import { installPackages } from './lib/install.mjs';
import { freePort } from './lib/ports.mjs';
import { cluster, stateFolder } from './lib/postgres.mjs';
import { QUIET, ROOT } from './lib/root.mjs';
import { say } from './lib/say.mjs';

const only = process.argv.slice(2);
const wanted = (name) => only.length === 0 || only.includes(name);
let passed = 0;
let failed = 0;
const failures = [];

/** Runs a tool of node_modules; true when it ended well. */
function run(tool, args, env = {}) {
  const { status } = spawnSync(join(ROOT, 'node_modules/.bin', tool), args, {
    cwd: ROOT,
    env: { ...QUIET, ...env },
    stdio: ['ignore', 1, 2],
  });
  return status === 0;
}

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
  const output = [];
  const child = spawn(join(ROOT, 'node_modules/.bin', tool), args, { cwd: ROOT, env: { ...QUIET, ...env } });
  child.stdout.on('data', (part) => output.push(part));
  child.stderr.on('data', (part) => output.push(part));
  const status = await new Promise((done) => child.once('close', done));
  say(`\n== ${name}\n${Buffer.concat(output)}`);
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
function browser(served) {
  say('\n== browser');
  const file = join(ROOT, '.lapboard/browser.json');
  rmSync(file, { force: true });
  const ok = run('playwright', ['test'], { SERVED: JSON.stringify(served) });
  const {
    expected = 0,
    unexpected = 0,
    flaky = 0,
    skipped = 0,
  } = existsSync(file) ? JSON.parse(readFileSync(file, 'utf8')).stats : {};
  const bad = unexpected + flaky + skipped;
  count('browser', expected, bad === 0 && (!ok || expected === 0) ? 1 : bad);
}

// The door to the room is tried from another network, which only root may make.
needDebian('postgresql', 'chromium', ...(process.getuid() === 0 ? ['iproute2'] : []));
installPackages();
mkdirSync(join(ROOT, '.lapboard'), { recursive: true });
run('astro', ['sync']);

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
  prepareDatabase(database, { demo: true });
  const port = await freePort(4420);
  servers.push(await startServer(database, port));
  return { url: `http://127.0.0.1:${port}`, database, cluster: folder };
}

async function integration({ postgres }) {
  if (!wanted('integration')) return;
  postgres.createDatabase('integration');
  buildThread();
  await vitest('integration', {
    DATABASE_URL: postgres.url('integration'),
    TEST_DATABASE: 'yes',
    LAPBOARD_THREAD: THREAD,
  });
}

if (!['integration', 'served', 'browser'].some(wanted)) await vitest('unit', {});
else {
  try {
    const first = await newCluster();
    // One waits for the database, the other for the processor.
    await Promise.all([vitest('unit', {}), integration(first)]);
    if (wanted('served') || wanted('browser')) {
      buildApplication();
      const served = await serve(first);
      if (wanted('browser')) browser([served, await serve(await newCluster())]);
      // Last: what it sends leaves little as it was.
      await vitest('served', {
        SERVED_URL: served.url,
        SERVED_DATABASE: served.database,
        SERVED_CLUSTER: served.cluster,
      });
    }
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
