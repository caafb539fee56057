import { spawnSync } from 'node:child_process';
import { existsSync } from 'node:fs';
import { join } from 'node:path';
import { fingerprint, unlessDone } from './fingerprint.mjs';
import { QUIET, ROOT } from './root.mjs';
import { fail, say } from './say.mjs';

/** Installs the pinned packages, when they are not there or the lock file has changed. */
export async function installPackages() {
  const print = fingerprint(['package-lock.json', '.npmrc']);
  if (!existsSync(join(ROOT, 'node_modules/.package-lock.json'))) say('Installing packages (about a minute, once)…');
  await unlessDone('node_modules/.lapboard-installed', print, () => {
    // Development tools are part of it: the build and the tests run from the same tree.
    const { status } = spawnSync('npm', ['ci', '--no-audit', '--no-fund', '--loglevel=error', '--include=dev'], {
      cwd: ROOT,
      env: QUIET,
      stdio: ['ignore', 2, 2],
    });
    if (status !== 0)
      fail('The packages could not be installed. With a connection to the package registry, run: npm ci');
  });
}
