import { fork } from 'node:child_process';
import { randomBytes } from 'node:crypto';
import { SERVE, THREAD } from './build.mjs';
import { QUIET, ROOT } from './root.mjs';
import { run } from './run.mjs';
import { fail, say } from './say.mjs';

/** Brings a database to the newest shape, with the demo data if wanted; `dumps` says where one is kept before a migration. */
export async function prepareDatabase(url, { demo, dumps = {} }) {
  const args = ['--import', 'tsx', 'scripts/prepare.ts', ...(demo ? ['--demo'] : [])];
  const { status, said } = await run(process.execPath, args, { ...dumps, DATABASE_URL: url });
  if (said) say(said.trimEnd());
  if (status !== 0) fail('The database could not be prepared; what it said is above.');
}

/** The environment the built application runs in; what links are made from is made up where it is not said. */
const serverEnvironment = (database, port) => ({
  LAPBOARD_SECRET: randomBytes(32).toString('hex'),
  ...QUIET,
  NODE_ENV: 'production',
  DATABASE_URL: database,
  PORT: String(port),
  LAPBOARD_THREAD: THREAD,
});

/** Starts the built application as a process of its own, with `more` in its environment; resolves when it answers. */
export function startServer(database, port, more = {}) {
  const env = { ...serverEnvironment(database, port), ...more };
  const server = fork(SERVE, { cwd: ROOT, env });
  return new Promise((resolve, reject) => {
    server.once('message', () => resolve(server));
    server.once('exit', (code) => reject(new Error(`The server ended with ${code} before it answered`)));
  });
}
