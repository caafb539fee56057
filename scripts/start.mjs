// npm start: installs what is missing, builds when stale, starts the database, loads the demo once, serves, prints one address;
// with `-- --lan [--cert FILE --key FILE]`, the seat pages and paired tablets of the room are answered on the network too.
import { existsSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { prepareDatabase, startServer } from './lib/application.mjs';
import { buildApplication } from './lib/build.mjs';
import { needDebian } from './lib/debian.mjs';
import { installPackages } from './lib/install.mjs';
import { freePort } from './lib/ports.mjs';
import { cluster, stateFolder } from './lib/postgres.mjs';
import { roomAsked, roomEnvironment, roomWords } from './lib/room.mjs';
import { say } from './lib/say.mjs';
import { linkSecret } from './lib/secret.mjs';

const asked = roomAsked(process.argv.slice(2));
const state = stateFolder('lapboard');
const note = join(state, 'running.json');

/** The address of a Lapboard that runs from the same data, or null. */
async function alreadyRunning() {
  if (!existsSync(note)) return null;
  const { url } = JSON.parse(readFileSync(note, 'utf8'));
  const answer = await fetch(`${url}/api/health`, { signal: AbortSignal.timeout(3000) })
    .then((r) => r.json())
    .catch(() => null);
  return answer?.app === 'lapboard' ? url : null;
}

const running = await alreadyRunning();
if (running) {
  console.log(`Lapboard is already running: ${running}`);
  if (asked) console.log('To listen on the local network, stop that one first (Ctrl-C where it runs).');
  process.exit(0);
}

needDebian('postgresql');
await installPackages();
await buildApplication();

const postgres = cluster(state, 54320);
const ours = await postgres.start();
postgres.createDatabase('lapboard');
const port = await freePort(Number(process.env.PORT ?? 4320));
const url = `http://127.0.0.1:${port}`;
await prepareDatabase(postgres.url('lapboard'), { demo: true, dumps: postgres.dumps() });

const room = asked ? await roomEnvironment(asked, Number(process.env.ROOM_PORT ?? 4343)) : {};
const environment = { LAPBOARD_SECRET: linkSecret(state), ...postgres.dumps(), ...room };

let stopping = false;
let server;

/** Starts the web server, and starts it again should it be killed. */
async function serve() {
  server = await startServer(postgres.url('lapboard'), port, environment);
  writeFileSync(note, JSON.stringify({ url }));
  server.once('exit', () => {
    if (stopping) return finish();
    say('The server ended; starting it again…');
    setTimeout(serve, 500);
  });
}

/** How often PostgreSQL is looked after, ms. */
const WATCH_MS = 2000;
let isAway = false;

/** Starts PostgreSQL again where it has stopped, as often as it takes; pages say meanwhile that it cannot be reached. */
function watchDatabase() {
  if (stopping) return;
  if (postgres.isRunning()) isAway = false;
  else {
    if (!isAway) say('PostgreSQL has stopped; starting it again…');
    isAway = !postgres.revive();
    if (!isAway) say('PostgreSQL is running again.');
  }
  setTimeout(watchDatabase, WATCH_MS);
}

function finish() {
  rmSync(note, { force: true });
  if (ours || isAway) postgres.stop();
  process.exit(0);
}

function stop() {
  if (stopping) return;
  stopping = true;
  say('Stopping…');
  server.kill('SIGTERM');
}
process.on('SIGINT', stop);
process.on('SIGTERM', stop);
process.on('SIGHUP', stop);

await serve();
setTimeout(watchDatabase, WATCH_MS);
console.log(`Lapboard is running: ${url}   (Ctrl-C stops it)`);
if (asked) console.log(roomWords(room));
