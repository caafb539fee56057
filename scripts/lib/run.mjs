import { spawn } from 'node:child_process';
import { QUIET, ROOT } from './root.mjs';

/** Runs a program in the project's root while other things go on; resolves to how it ended and all that it said. */
export function run(program, args, env = {}) {
  const said = [];
  const child = spawn(program, args, { cwd: ROOT, env: { ...QUIET, ...env }, stdio: ['ignore', 'pipe', 'pipe'] });
  child.stdout.on('data', (part) => said.push(part));
  child.stderr.on('data', (part) => said.push(part));
  return new Promise((done) => child.once('close', (status) => done({ status, said: Buffer.concat(said).toString() })));
}
