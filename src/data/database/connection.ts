import { Sequelize } from 'sequelize';

let shared: Sequelize | undefined;

/** The process's pool of connections to the database named by DATABASE_URL; opened on first use. */
export function database(): Sequelize {
  if (shared) return shared;
  const url = process.env.DATABASE_URL;
  if (!url) throw new Error('DATABASE_URL is not set; npm start sets it');
  shared = new Sequelize(url, {
    dialect: 'postgres',
    logging: false,
    pool: { max: 10, min: 0, acquire: 5000, idle: 10_000 },
    // A lost database must be noticed in seconds, so that the page can say so.
    dialectOptions: {
      connectionTimeoutMillis: 3000,
      query_timeout: 10_000,
      statement_timeout: 10_000,
      application_name: 'lapboard',
    },
    define: { underscored: true, timestamps: false },
  });
  return shared;
}

/** Closes the pool, so that the process can end. */
export async function closeDatabase(): Promise<void> {
  await shared?.close();
  shared = undefined;
}
