// Puts many movements into the ledger of the database at DATABASE_URL, over every cord and colour, to measure against.
import { shelfChoices } from '../../src/app/shelf-choices';
import { receiveStock } from '../../src/app/shelf';
import { closeDatabase, database } from '../../src/data/connection';

const [movements = 100_000] = process.argv.slice(2).map(Number);
const { choices } = await shelfChoices();
await receiveStock(
  choices.map(({ id }) => ({
    key: crypto.randomUUID(),
    item: id,
    note: '',
    lots: Array.from({ length: 20 }, (_, i) => ({
      kind: id.startsWith('cord/') ? ('spool' as const) : ('bag' as const),
      amount: 20_000 + i,
      place: `Rack ${i}`,
      tare: null,
    })),
  })),
);
await database().query(
  `INSERT INTO movements (key, kind, lot, hand, held, note)
     SELECT gen_random_uuid(), CASE WHEN n % 2 = 0 THEN 'waste' ELSE 'return' END, l.id, CASE WHEN n % 2 = 0 THEN -7 ELSE 7 END, 0, ''
       FROM generate_series(1, :each) n CROSS JOIN lots l ORDER BY n DESC`,
  { replacements: { each: 2 * Math.ceil(movements / 2 / (choices.length * 20)) } },
);
await database().query('ANALYZE');
await closeDatabase();
