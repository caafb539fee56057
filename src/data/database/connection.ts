import { Sequelize } from 'sequelize';

let shared: Sequelize | undefined;
let bulk: Sequelize | undefined;

function connect(timeout: number, max: number, application_name: string): Sequelize {
  const url = process.env.DATABASE_URL;
  if (!url) throw new Error('DATABASE_URL is not set; npm start sets it');
  return new Sequelize(url, {
    dialect: 'postgres',
    logging: false,
    pool: { max, min: 0, acquire: 5000, idle: 10_000 },
    dialectOptions: {
      connectionTimeoutMillis: 3000,
      query_timeout: timeout,
      statement_timeout: timeout,
      application_name,
    },
    define: { underscored: true, timestamps: false },
  });
}

/** A lost database must be noticed in seconds, so that the page can say so; a statement over all of a studio may take minutes. */
const [TIMEOUT_MS, BULK_TIMEOUT_MS] = [10_000, 600_000];

/** The process's pool of connections to the database named by DATABASE_URL; opened on first use. */
export const database = (): Sequelize => (shared ??= connect(TIMEOUT_MS, 10, 'lapboard'));

/** Connections for exports and imports, few and apart from the others: they hold a transaction for minutes. */
export const bulkDatabase = (): Sequelize => (bulk ??= connect(BULK_TIMEOUT_MS, 3, 'lapboard bulk'));

/** Closes the pool, so that the process can end. */
export async function closeDatabase(): Promise<void> {
  await shared?.close();
  await bulk?.close();
  shared = undefined;
  bulk = undefined;
}
