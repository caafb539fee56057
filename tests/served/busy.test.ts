import { expect, it } from 'vitest';

const BASE = process.env.SERVED_URL!;
const HEADERS = { 'content-type': 'application/json', origin: BASE };

/** Families in prose, near the most that a list may hold: seconds of reading. */
const FAMILIES = Array.from(
  { length: 2400 },
  (_, i) =>
    `The Weir ${i} family: Ada (${6 + (i % 9)}), Bo e\u0301 16.${i % 9} cm and their cousins Cy, Dee and Eli Trow-Lockgate, all four snug; ` +
    `plus two friends aged 9 and 11 who cannot have nickel, and maybe Fay (about 17 cm, loop and knot band) if she is well enough.`,
).join('\n');
const HISTORY = [
  'date,maker,project,skill,cord,planned band mm,cut mm,left mm,half knots',
  ...Array.from(
    { length: 9000 },
    (_, i) => `2025-0${1 + (i % 9)}-11,M${i % 40},band-buckle,new,sheathed-4,${140 + (i % 30)},2300,12 + ${i % 90},27`,
  ),
].join('\n');

const post = (path: string, body: object) =>
  fetch(`${BASE}${path}`, { method: 'POST', headers: HEADERS, body: JSON.stringify(body) });

it.each([
  ['a list of families near the most that one may hold', '/api/roster', { text: FAMILIES }],
  ['a history of thousands of lines, looked at', '/api/records/history', { text: HISTORY, take: false }],
  ['a history of thousands of lines, taken in', '/api/records/history', { text: HISTORY, take: true }],
  ['a stock list of thousands of lines', '/api/shelf/read', { text: stockList(), counting: false }],
])(
  'while %s is read, others are answered',
  async (_, path, body) => {
    let isDone = false;
    let before = 0;
    const answer = post(path, body).finally(() => (isDone = true));
    while (!isDone) {
      expect((await fetch(`${BASE}/api/health`)).status).toBe(200);
      if (!isDone) before += 1;
    }
    const { status } = await answer;
    expect([200, 422]).toContain(status);
    // A process that reads by itself answers all of these only afterwards.
    expect(before).toBeGreaterThan(3);
  },
  120_000,
);

function stockList(): string {
  const line = (i: number): string => `Sheathed nylon 4 mm,Race blue,spool,${9 + (i % 90)} m,1,Shelf ${i % 40}`;
  return ['item,colour,kind,amount,lots,place', ...Array.from({ length: 4900 }, (_, i) => line(i))].join('\n');
}

it('a list that nobody waits for any more is read no further: the next is read at once', async () => {
  const given: Promise<unknown>[] = [];
  for (let i = 0; i < 12; i++) {
    const abort = new AbortController();
    given.push(
      fetch(`${BASE}/api/roster`, {
        method: 'POST',
        headers: HEADERS,
        body: JSON.stringify({ text: FAMILIES }),
        signal: abort.signal,
      }).catch(() => null),
    );
    setTimeout(() => abort.abort(), 300);
  }
  await Promise.all(given);
  const began = performance.now();
  expect((await post('/api/roster', { text: 'Ada 16.5 cm\nBo 17 cm' })).status).toBe(200);
  // Twelve of them take longer than that, however quick the machine: half a minute of reading.
  expect(performance.now() - began).toBeLessThan(10_000);
}, 120_000);
