// Sends spoilt requests to every endpoint of a server, and prints one line of JSON: how many were answered as they must not be.
import { fuzz } from '../../tests/fuzz/send';

const [home, room, many] = process.argv.slice(2);
const { faults, statuses, slowest, slow } = await fuzz({ home: home!, room: room! }, 4_711, Number(many), 8);
for (const line of [...faults.slice(0, 20), ...slow.slice(0, 40)]) console.error(line);
const answers = [...statuses].sort(([a], [b]) => a - b).map(([status, n]) => `${status}: ${n}`);
console.log(JSON.stringify({ faults: faults.length, slowest, answers: answers.join(', ') }));
