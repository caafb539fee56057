// Brings the database at DATABASE_URL to the newest shape, with the shipped catalogue, and the demo data when it is asked for.
import { loadDemo } from '../demo';
import { stockStudio } from '../src/app/studio/studio';
import { closeDatabase } from '../src/data/database/connection';
import { migrate } from '../src/data/database/migrate';
import { keepDump } from './lib/dump';

await migrate(keepDump);
await stockStudio();
if (process.argv.includes('--demo')) await loadDemo(new Date().toISOString().slice(0, 10));
await closeDatabase();
