// npm run dev: the development server, which shows every change at once, on a database of its own with the demo data.
import { spawn } from 'node:child_process';
import { join } from 'node:path';
import { prepareDatabase } from './lib/application.mjs';
import { buildPrograms, THREAD } from './lib/build.mjs';
import { needDebian } from './lib/debian.mjs';
import { installPackages } from './lib/install.mjs';
import { freePort } from './lib/ports.mjs';
import { cluster, stateFolder } from './lib/postgres.mjs';
import { QUIET, ROOT } from './lib/root.mjs';
import { linkSecret } from './lib/secret.mjs';

needDebian('postgresql');
await installPackages();
await buildPrograms();

const state = stateFolder('lapboard-dev');
const postgres = cluster(state, 54420);
const ours = await postgres.start();
postgres.createDatabase('development');
await prepareDatabase(postgres.url('development'), { demo: true });
const port = String(await freePort(Number(process.env.PORT ?? 4330)));
const server = spawn(join(ROOT, 'node_modules/.bin/astro'), ['dev', '--host', '127.0.0.1', '--port', port], {
  cwd: ROOT,
  env: {
    ...QUIET,
    DATABASE_URL: postgres.url('development'),
    PORT: port,
    LAPBOARD_THREAD: THREAD,
    LAPBOARD_SECRET: linkSecret(state),
  },
  stdio: 'inherit',
});
for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP']) process.on(signal, () => server.kill('SIGTERM'));
server.once('exit', (code) => {
  if (ours) postgres.stop();
  process.exit(code ?? 0);
});
