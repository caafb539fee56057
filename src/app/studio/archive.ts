import { DatabaseError, type Transaction } from 'sequelize';
import { Problem } from '../../core/problem';
import { clearCatalogue, fillTable, isEmptyStudio, readTableText, STUDIO_TABLES } from '../../data/archive';
import { inTransaction } from '../../data/database/transaction';
import { inThread } from '../../threads/in-thread';
import { today } from './clock';
import { everShipped, markOf, TABLES } from './shipped';
import { readStudio } from './studio';

/** The whole studio as one ZIP, as it all was at one moment, whatever is written meanwhile. */
export async function exportStudio(): Promise<Uint8Array> {
  const texts = await inTransaction(async (t) => {
    const all: Record<string, string> = {};
    for (const table of STUDIO_TABLES) all[table] = await readTableText(table, t);
    return all;
  }, 'one moment');
  return inThread('pack', { texts, on: today() });
}

/** Refuses where something of a studio's work is there: what is brought in would be mixed with it, or replace it. */
async function refuseFull(t: Transaction): Promise<void> {
  const { catalogue } = await readStudio(t);
  const isOwn = TABLES.some((table) =>
    Object.values(catalogue[table]).some((doc) => !everShipped(table, doc.slug).includes(markOf(doc))),
  );
  if (isOwn || !(await isEmptyStudio(t)))
    throw new Problem(
      409,
      'not-empty',
      'There are people, sessions, stock, or projects, cords or hardware of your own here already: a studio is brought into an empty one only.',
    );
}

/**
 * Brings an exported studio into an empty one: all of it, or nothing. Whether this one is empty is looked at first; what came is
 * unpacked and checked in a thread of its own.
 */
export async function importStudio(bytes: Uint8Array): Promise<{ readonly rows: number }> {
  await inTransaction(refuseFull);
  const unpacked = await inThread('unpack', { bytes, known: STUDIO_TABLES, now: new Date().toISOString() });
  if (!unpacked.ok) throw new Problem(422, 'archive', unpacked.fault);
  const tables = unpacked.value;
  return inTransaction(async (t) => {
    await refuseFull(t);
    await clearCatalogue(t);
    let rows = 0;
    for (const table of STUDIO_TABLES) {
      const own = Object.hasOwn(tables, table) ? tables[table]! : [];
      try {
        await fillTable(table, own, t);
      } catch (error) {
        if (error instanceof DatabaseError)
          throw new Problem(422, 'archive', `${table}.json does not fit: ${shortOf(error)}. Nothing was brought in.`);
        throw error;
      }
      rows += own.length;
    }
    return { rows };
  });
}

/** What of a database's refusal names no value: the constraint, or its code. */
function shortOf(error: DatabaseError): string {
  const { constraint, code } = error.original as { constraint?: string; code?: string };
  return constraint ? `a row of it breaks “${constraint}”` : `the database refuses a row of it (${code ?? 'no code'})`;
}
