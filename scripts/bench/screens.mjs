// Every screen as Lighthouse sees it, at a desk and as its mobile device: figures for scripts/bench.mjs.
import { spawnSync } from 'node:child_process';
import { ROOT } from '../lib/root.mjs';

const AIMS = { desk: 98, mobile: 90 };
/** Visits of each page, of which the middle one is told: at a desk all are alike. */
const RUNS = { desk: '1', mobile: '3' };

/** A session of forty, made for this: what its screens take is what a full room takes. */
async function forty(base) {
  const id = crypto.randomUUID();
  const headers = { origin: base, 'content-type': 'application/json', connection: 'close' };
  const send = (path, data) => fetch(base + path, { method: 'POST', headers, body: JSON.stringify(data) });
  const seats = Array.from({ length: 40 }, (_, i) => ({
    id: crypto.randomUUID(),
    name: `Guest ${i + 1}`,
    age: 20 + i,
    skill: ['new', 'steady', 'fluent'][i % 3],
    wrist_mm: 150 + (i % 25),
    wrist_method: 'tape',
    project: 'band-buckle',
    cords: { whole: { cord: 'sheathed-4', colours: [['race', 'night', 'samphire', 'thrift'][i % 4]] } },
  }));
  await send('/api/sessions', { id, session: { title: 'Forty at once', held_on: '2031-01-01', minutes: 120 } });
  const made = await send(`/api/sessions/${id}/seats`, { seats });
  if (!made.ok) throw new Error(`Forty seats were not taken: ${await made.text()}`);
  return `/sessions/${id}`;
}

/** What a script of this folder says, by page. */
function ask(script, ...args) {
  const { stdout } = spawnSync(process.execPath, [`scripts/bench/${script}`, ...args], {
    cwd: ROOT,
    encoding: 'utf8',
    stdio: ['ignore', 'pipe', 2],
  });
  return JSON.parse(stdout);
}

/** What Lighthouse says of some pages. A browser that painted nothing is asked once more. */
function lighthouse(device, pages) {
  const found = ask('lighthouse.mjs', device, RUNS[device], ...pages);
  const again = pages.filter((page) => found[page].performance === 0);
  return again.length > 0 ? { ...found, ...ask('lighthouse.mjs', device, RUNS[device], ...again) } : found;
}

/** What a page has on a machine as quick as Lighthouse expects, where this one is slower. */
const expectedWords = ({ expected, performance, blocked }) =>
  expected.performance === performance && expected.blocked === blocked
    ? ''
    : `on a machine of index 1,000: ${expected.performance}, blocked ${expected.blocked} ms; `;

/** A row for each screen and device: what, its figures, and what is aimed at. */
export async function screenRows(base, seatPage) {
  const session = await forty(base);
  const stages = ['seats', 'fit', 'cut', 'kit', 'bench', 'wrap-up', 'room', 'print'];
  const screens = [
    ...[
      '/',
      '/sessions',
      '/people',
      '/projects',
      '/projects/band-buckle',
      '/composer/band-buckle',
      '/composer/petal-arms',
    ],
    ...['/shelf', '/shelf?view=outlook', '/records', '/settings'],
    ...stages.map((stage) => `${session}/${stage}`),
    seatPage,
  ];
  const nameOf = (path) =>
    path === seatPage ? 'Seat page' : path.startsWith(session) ? `40 seats: ${path.slice(session.length + 1)}` : path;
  const pages = screens.map((path) => base + path);
  const touched = ask('touch.mjs', ...pages);
  const taken = screens.map((path) => {
    const { taken, blocked, script } = touched[base + path];
    return [
      `${nameOf(path)}, touched on a phone`,
      `${taken} ms until all of it answers, blocked ${blocked} ms, script ${(script / 1000).toFixed(0)} kB`,
      'under 200 kB',
    ];
  });
  const seen = ['desk', 'mobile'].flatMap((device) => {
    const found = lighthouse(device, pages);
    return screens.map((path) => {
      const seen = found[base + path];
      return [
        `${nameOf(path)}, Lighthouse, ${device}`,
        `${seen.performance} / ${seen.accessibility} / ${seen['best-practices']}`,
        `${AIMS[device]} / 100 / 100 (${expectedWords(seen)}painted ${seen.painted} ms, largest ${seen.largest} ms, blocked ${seen.blocked} ms, shifted ${seen.shifted}, machine ${seen.machine})`,
      ];
    });
  });
  return [...seen, ...taken];
}
