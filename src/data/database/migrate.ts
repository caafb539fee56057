import { SequelizeStorage, Umzug } from 'umzug';
import { database } from './connection';
import { MIGRATIONS } from '../migrations';

/** Any number; the same in every process, so that only one migrates at a time. */
const LOCK = 7_203_118;

/**
 * Brings the database to the newest shape. Several processes may call it at once: they take turns.
 *
 * @param before done first, where there is data that a migration is about to touch
 */
export async function migrate(before: () => Promise<void> = () => Promise.resolve()): Promise<string[]> {
  const sequelize = database();
  return sequelize.transaction(async (transaction) => {
    await sequelize.query('SELECT pg_advisory_xact_lock($1)', { bind: [LOCK], transaction });
    const umzug = new Umzug({
      migrations: MIGRATIONS.map(({ name, up, down }) => ({
        name,
        up: () => sequelize.transaction((inner) => sequelize.query(up, { transaction: inner })),
        down: () => sequelize.transaction((inner) => sequelize.query(down, { transaction: inner })),
      })),
      storage: new SequelizeStorage({ sequelize, tableName: 'migrations' }),
      logger: undefined,
    });
    if ((await umzug.executed()).length > 0 && (await umzug.pending()).length > 0) await before();
    return (await umzug.up()).map((migration) => migration.name);
  });
}
