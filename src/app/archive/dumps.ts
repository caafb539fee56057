import { execFile } from 'node:child_process';
import { mkdir, readdir, rm, stat } from 'node:fs/promises';
import { join } from 'node:path';
import { promisify } from 'node:util';
import { Problem } from '../../core/problem';

/** As many dumps as are kept, the newest, and how old one may become: people who were erased are still in them. */
const MAX_DUMPS = 5;
const MAX_DUMP_DAYS = 30;
const DAY_MS = 24 * 3_600_000;

/** The dumps made before migrations. */
export interface Dumps {
  readonly count: number;
  /** When the oldest was made; null where there is none. */
  readonly oldest: string | null;
  /** How old one may become before it is deleted. */
  readonly maxDays: number;
}

const folder = (): string | null => process.env.LAPBOARD_DUMPS || null;

async function filesOf(path: string): Promise<{ file: string; made: number }[]> {
  const names = await readdir(path).catch(() => []);
  const files = names.filter((name) => name.endsWith('.dump')).map((name) => join(path, name));
  const found = await Promise.all(files.map(async (file) => ({ file, made: (await stat(file)).mtimeMs })));
  return found.sort((a, b) => a.made - b.made);
}

/** How many dumps there are. */
export async function openDumps(): Promise<Dumps> {
  const path = folder();
  const files = path ? await filesOf(path) : [];
  const oldest = files[0] ? new Date(files[0].made).toISOString() : null;
  return { count: files.length, oldest, maxDays: MAX_DUMP_DAYS };
}

/** Deletes dumps that are too old, and all but the newest few. */
export async function deleteOldDumps(now = Date.now()): Promise<void> {
  const path = folder();
  if (!path) return;
  const files = await filesOf(path);
  const kept = files.filter(({ made }) => now - made < MAX_DUMP_DAYS * DAY_MS).slice(-MAX_DUMPS);
  for (const one of files) if (!kept.includes(one)) await rm(one.file, { force: true });
}

/** Deletes every dump. */
export async function deleteDumps(): Promise<void> {
  const path = folder();
  if (!path) return;
  for (const { file } of await filesOf(path)) await rm(file, { force: true });
}

/**
 * Writes all of the database to a file beside it, where there is a folder for dumps. To bring one back:
 * `pg_restore --clean --if-exists -d DATABASE FILE`.
 *
 * @throws Problem where it cannot be written
 */
export async function makeDump(): Promise<void> {
  const path = folder();
  const { LAPBOARD_PG_DUMP: program, DATABASE_URL } = process.env;
  if (!path || !program) return;
  const { hostname, port, username, password, pathname } = new URL(DATABASE_URL!);
  await mkdir(path, { recursive: true, mode: 0o700 });
  const name = `${pathname.slice(1)}-${new Date().toISOString().replace(/[:.]/g, '-')}.dump`;
  const args = ['-h', hostname, '-p', port, '-U', username, '-d', pathname.slice(1), '-Fc', '-f', join(path, name)];
  // The password is in the environment: command lines can be read by everybody on the machine.
  const env = { ...process.env, PGPASSWORD: decodeURIComponent(password) };
  await promisify(execFile)(program, args, { env }).catch(() => {
    throw new Problem(503, 'no-dump', 'The dump of the database could not be written. Look for space on the disk.');
  });
}
