import { spawnSync } from 'node:child_process';
import { mkdirSync, readdirSync, rmSync } from 'node:fs';
import { join } from 'node:path';

/** As many dumps as are kept, the newest. */
const MOST = 5;

/**
 * Keeps a dump of the database before a migration touches it, where there is a folder for dumps. Without the dump there is no
 * migration. To bring one back: `pg_restore --clean --if-exists -d DATABASE FILE`.
 */
export function keepDump(): void {
  const { LAPBOARD_DUMPS: folder, LAPBOARD_PG_DUMP: program, DATABASE_URL } = process.env;
  if (!folder || !program) return;
  const { hostname, port, username, password, pathname } = new URL(DATABASE_URL!);
  mkdirSync(folder, { recursive: true, mode: 0o700 });
  const file = join(folder, `${pathname.slice(1)}-${new Date().toISOString().replace(/[:.]/g, '-')}.dump`);
  const { status, stderr } = spawnSync(
    program,
    ['-h', hostname, '-p', port, '-U', username, '-d', pathname.slice(1), '-Fc', '-f', file],
    { env: { ...process.env, PGPASSWORD: decodeURIComponent(password) }, encoding: 'utf8' },
  );
  if (status !== 0) throw new Error(`No dump could be kept before the migration: ${stderr}`);
  for (const old of readdirSync(folder).sort().slice(0, -MOST)) rmSync(join(folder, old));
}
