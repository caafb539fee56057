import { afterAll, beforeAll, beforeEach } from 'vitest';
import { stockStudio } from '../../../src/app/studio/studio';
import { closeDatabase, database } from '../../../src/data/database/connection';
import { migrate } from '../../../src/data/database/migrate';

/** An empty studio with the shipped catalogue before each test, on the cluster that the test run started. */
export function freshStudio(): void {
  beforeAll(async () => {
    // These tests empty the database they are given: only ever one made for them.
    if (process.env.TEST_DATABASE !== 'yes')
      throw new Error('Run these through npm test, which starts a database for them');
    await migrate();
  });
  beforeEach(emptyStudio);
  afterAll(closeDatabase);
}

/** Empties the studio to what ships. */
export async function emptyStudio(): Promise<void> {
  await database().query(
    'TRUNCATE settings, cords, hardware, projects, people, sessions, items, seat_records, figure_changes, learned, estimates CASCADE',
  );
  await stockStudio();
}
