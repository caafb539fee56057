import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import { dirname, join, relative } from 'node:path';
import { ROOT } from './root.mjs';

/** Every file at or below a path, in a fixed order. */
function filesBelow(path) {
  if (!existsSync(path)) return [];
  if (statSync(path).isFile()) return [path];
  return readdirSync(path)
    .sort()
    .flatMap((name) => filesBelow(join(path, name)));
}

/** A fingerprint of the contents of some files and folders of the checkout, the same wherever the checkout is. */
export function fingerprint(paths, root = ROOT) {
  const hash = createHash('sha256');
  for (const path of paths) {
    for (const file of filesBelow(join(root, path)))
      hash.update(relative(root, file)).update('\0').update(readFileSync(file)).update('\0');
  }
  return hash.digest('hex');
}

/** Does the work unless it was done for the same fingerprint; remembers in `stamp`. */
export async function unlessDone(stamp, print, work) {
  const file = join(ROOT, stamp);
  if (existsSync(file) && readFileSync(file, 'utf8') === print) return;
  await work();
  mkdirSync(dirname(file), { recursive: true });
  writeFileSync(file, print);
}
