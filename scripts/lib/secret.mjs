import { randomBytes } from 'node:crypto';
import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';

/** What the links of seats are made from: made once, kept beside the database and not in it, readable by its owner alone. */
export function linkSecret(folder) {
  const file = join(folder, 'link-secret');
  if (!existsSync(file)) writeFileSync(file, randomBytes(32).toString('hex'), { mode: 0o600 });
  return readFileSync(file, 'utf8').trim();
}
