// Forty screens on two servers of one database, twenty presses a second for half a minute; half-way one server is killed and some are cut off.
import { startServer } from '../lib/application.mjs';
import { freePort } from '../lib/ports.mjs';
import { loadFeed } from '../../tests/load/feed';

const [session = '', ...seats] = process.argv.slice(2);
const url = process.env.DATABASE_URL!;
const ports = [await freePort(4820), await freePort(4840)];
const servers = [await startServer(url, ports[0]!), await startServer(url, ports[1]!)];
const found = await loadFeed({
  bases: ports.map((port) => `http://127.0.0.1:${port}`),
  session,
  seats,
  screens: 40,
  perSecond: 20,
  seconds: 30,
  cut: 8,
  atHalf: () => servers[1]!.kill('SIGKILL'),
});
servers[0]!.kill('SIGKILL');
console.log(JSON.stringify(found));
process.exit(0);
