// Brings the database at DATABASE_URL to the newest shape, with the shipped catalogue, and the demo data when it is asked for.
import { loadDemo } from '../demo';
import { clock, today } from '../src/app/studio/clock';
import { deleteOldDumps, makeDump } from '../src/app/archive/dumps';
import { stockStudio } from '../src/app/studio/studio';
import { closeDatabase } from '../src/data/database/connection';
import { migrate } from '../src/data/database/migrate';

// Without a dump there is no migration.
await migrate(makeDump);
await deleteOldDumps();
await stockStudio();
// One of the demo's sessions began twenty minutes ago, or with the day.
const began = new Date(Math.max(Date.now() - 20 * 60_000, new Date().setHours(0, 0, 0, 0)));
if (process.argv.includes('--demo')) await loadDemo(today(), clock(began));
await closeDatabase();
