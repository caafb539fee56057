// Puts many movements into the ledger of the database at DATABASE_URL, over every cord and colour, to measure against.
import { shelfChoices } from '../../src/app/shelf/shelf-choices';
import { receiveStock } from '../../src/app/shelf/receive';
import { closeDatabase, database } from '../../src/data/database/connection';

const [movements = 100_000] = process.argv.slice(2).map(Number);
const { choices } = await shelfChoices();
await receiveStock(
  crypto.randomUUID(),
  choices.map(({ id, name }) => ({
    item: id,
    name,
    note: '',
    lots: Array.from({ length: 20 }, (_, i) => ({
      kind: id.startsWith('cord/') ? ('spool' as const) : ('bag' as const),
      amount: 20_000 + i,
      place: `Rack ${i}`,
      tare: null,
    })),
  })),
);
const each = 2 * Math.ceil(movements / 2 / (choices.length * 20));
for (let n = 0; n < each; n++) {
  await database().query(
    `INSERT INTO movements (key, kind, lot, hand, held, note)
       SELECT gen_random_uuid(), :kind, id, :hand, 0, '' FROM lots`,
    { replacements: n % 2 === 0 ? { kind: 'return', hand: 7 } : { kind: 'waste', hand: -7 } },
  );
}
await database().query('ANALYZE');
await closeDatabase();
