import { spawnSync } from 'node:child_process';
import { existsSync, readdirSync } from 'node:fs';
import { fail, say } from './say.mjs';

const PROGRAMS = {
  postgresql: () => postgresBin() !== null,
  chromium: () => existsSync('/usr/bin/chromium'),
  iproute2: () => ['/usr/sbin/ip', '/sbin/ip', '/usr/bin/ip'].some((file) => existsSync(file)),
};

/** The folder of the newest PostgreSQL server's programs, or null. */
export function postgresBin() {
  const base = '/usr/lib/postgresql';
  const versions = existsSync(base) ? readdirSync(base).sort((a, b) => Number(b) - Number(a)) : [];
  const found = versions.find((version) => existsSync(`${base}/${version}/bin/initdb`));
  return found ? `${base}/${found}/bin` : null;
}

/** Installs the Debian packages that are missing, as root or through sudo; else says the one line to run. */
export function needDebian(...names) {
  const missing = names.filter((name) => !PROGRAMS[name]());
  if (missing.length === 0) return;
  const line = `apt-get update && apt-get install -y --no-install-recommends ${missing.join(' ')}`;
  const isRoot = process.getuid() === 0;
  const sudo = !isRoot && spawnSync('sudo', ['-n', 'true']).status === 0;
  if (!isRoot && !sudo) fail(`Missing: ${missing.join(', ')}. Run this, then start again:\n  sudo sh -c '${line}'`);
  say(`Installing ${missing.join(' and ')} from Debian (once)…`);
  const [program, ...args] = [
    ...(sudo ? ['sudo', '-n'] : []),
    'sh',
    '-c',
    `DEBIAN_FRONTEND=noninteractive; export DEBIAN_FRONTEND; (${line}) >&2`,
  ];
  const { status } = spawnSync(program, args, { stdio: ['ignore', 2, 2] });
  if (status !== 0 || missing.some((name) => !PROGRAMS[name]()))
    fail(`Could not install ${missing.join(', ')}. Run: ${line}`);
}
