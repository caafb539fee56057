import { readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { join } from 'node:path';
import { brotliCompressSync, gzipSync } from 'node:zlib';
import { fingerprint, unlessDone } from './fingerprint.mjs';
import { ROOT } from './root.mjs';
import { run } from './run.mjs';
import { fail, say } from './say.mjs';

const SOURCES = [
  'src',
  'catalogue',
  'public',
  'astro.config.ts',
  'package-lock.json',
  'tsconfig.json',
  'scripts/lib/build.mjs',
];

/** Where the program of the server's thread is built to. */
export const THREAD = join(ROOT, '.lapboard/heavy.mjs');

/** Writes each file of text beside itself as brotli and gzip, so that serving it costs nothing. */
function compress(folder) {
  for (const name of readdirSync(folder, { recursive: true })) {
    if (!/\.(?:js|css|svg|json|txt|html|wasm)$/.test(name)) continue;
    const file = join(folder, name);
    const bytes = readFileSync(file);
    writeFileSync(`${file}.br`, brotliCompressSync(bytes));
    writeFileSync(`${file}.gz`, gzipSync(bytes, { level: 9 }));
  }
}

/** Builds the thread for what takes long: a program of its own, that server and tests start. */
export async function buildThread() {
  await unlessDone(
    '.lapboard/heavy.built',
    fingerprint(['src/core', 'src/formats', 'src/threads', 'package-lock.json']),
    () => {
      createRequire(import.meta.url)('esbuild').buildSync({
        entryPoints: [join(ROOT, 'src/threads/heavy.ts')],
        outfile: THREAD,
        bundle: true,
        platform: 'node',
        format: 'esm',
        packages: 'external',
      });
    },
  );
}

/** Builds the application when a source has changed since the last build. */
export async function buildApplication() {
  await buildThread();
  await unlessDone('dist/.built', fingerprint(SOURCES), async () => {
    say('Building (about half a minute)…');
    const { status, said } = await run(join(ROOT, 'node_modules/.bin/astro'), ['build']);
    if (status !== 0) fail(`The build failed:\n${said}`);
    compress(join(ROOT, 'dist/client'));
  });
}
