import { rmSync } from 'node:fs';
import { afterAll, expect, it } from 'vitest';
import { cluster, stateFolder } from '../../scripts/lib/postgres.mjs';

const folder = stateFolder(`lapboard-test-revive-${process.pid}`);
const postgres = cluster(folder, 55620, ['-c', 'fsync=off']);
afterAll(() => {
  postgres.stop('immediate');
  rmSync(folder, { recursive: true, force: true });
});

it('PostgreSQL that was stopped, however, is started again where it was', async () => {
  await postgres.start();
  postgres.createDatabase('kept');
  const before = postgres.url('kept');
  postgres.query('kept', 'CREATE TABLE kept (n int); INSERT INTO kept VALUES (7)');
  for (const mode of ['fast', 'immediate']) {
    postgres.stop(mode);
    expect(postgres.isRunning()).toBe(false);
    expect(postgres.revive()).toBe(true);
    expect(postgres.url('kept')).toBe(before);
    expect(postgres.query('kept', 'SELECT n FROM kept')).toBe('7');
  }
  // Where it runs it is left alone.
  expect(postgres.revive()).toBe(true);
}, 60_000);
