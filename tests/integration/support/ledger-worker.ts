// Moves metres off one lot until it is killed, one movement a transaction: for the test that kills it at a random moment.
import { randomUUID } from 'node:crypto';
import { moveLot } from '../../../src/app/shelf/move-lot';

const [lot = ''] = process.argv.slice(2);
for (;;) {
  await moveLot(lot, { key: randomUUID(), kind: 'waste', amount: 7, note: 'worker' }).catch(() => undefined);
  await moveLot(lot, { key: randomUUID(), kind: 'return', amount: 7, note: 'worker' }).catch(() => undefined);
  process.send?.('moved');
}
