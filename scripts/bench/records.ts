// What records teach on simulated studios, and how long learning takes; prints one line of JSON. With a DATABASE_URL it fills that
// studio with as many records as it is told instead.
import { randomUUID } from 'node:crypto';
import { performance } from 'node:perf_hooks';
import { learnAnew } from '../../src/app/records/learning';
import { learn } from '../../src/core/record';
import { STARTING_FIGURES } from '../../src/core/studio';
import { closeDatabase, database } from '../../src/data/database/connection';
import { seasonsOf } from '../../tests/load/seasons';
import { coverage, manyRecords, ranShort, UNKIND } from '../../tests/load/studios';

const count = Number(process.argv[2] ?? 100_000);
const records = manyRecords(count);

async function fill(): Promise<void> {
  const makers = new Map<string, string>();
  for (const { maker } of records) makers.set(maker, makers.get(maker) ?? randomUUID());
  for (let from = 0; from < records.length; from += 5000) {
    const some = records
      .slice(from, from + 5000)
      .map(({ planned, said, maker }) => ({ planned, said, maker: makers.get(maker)! }));
    await database().query(
      `INSERT INTO seat_records (key, piece, title, maker, planned, said)
       SELECT gen_random_uuid(), gen_random_uuid(), 'bench', maker, planned, said
         FROM jsonb_to_recordset($1::jsonb) AS r(maker uuid, planned jsonb, said jsonb)`,
      { bind: [JSON.stringify(some)] },
    );
  }
  await learnAnew();
  await closeDatabase();
}

const percent = (share: number): string => `${(share * 100).toFixed(1)} %`;

/** What records teach where reality is not as the learning believes: what was tried, what came of it, what is aimed at. */
const unkind = (): string[][] =>
  Object.entries(UNKIND).map(([name, reality]) => [
    `records, ${name}`,
    `held ${[10, 60].map((each) => percent(coverage(each, 100, undefined, reality).held)).join(', ')}; 1 in ${Math.round(1 / ranShort(10, 12, 600, reality).share)} short`,
    'after 60 and 360 records 85 to 95 % hold; 1 in 40 to 90',
  ]);

const tails = (): string[][] =>
  [50, 80, 110].map((truth) => [
    `tails of ${truth} mm needed, three seasons accepted`,
    seasonsOf(truth, 3, 300)
      .map(({ tail, short }) => `${tail.toFixed(0)} mm ${percent(short)}`)
      .join(', '),
    'never shorter than needed; as few short as before',
  ]);

function measure() {
  const evidence = { records, hands: [], growth: [] };
  const times = Array.from({ length: 12 }, () => {
    const start = performance.now();
    learn(evidence, STARTING_FIGURES);
    return performance.now() - start;
  });
  return {
    covered: [1, 3, 10, 30].map((each) => ({ each, ...coverage(each, 200) })),
    alone: coverage(10, 1000, 1),
    short: [10, 30, 60].map((each) => ({ each, ...ranShort(each, 12, 600) })),
    unkind: [...unkind(), ...tails()],
    // The first few are a program warming up, as a thread does once.
    times: times.slice(4),
    latest: STARTING_FIGURES.learn_latest,
  };
}

if (process.env.DATABASE_URL) await fill();
else process.stdout.write(JSON.stringify(measure()));
