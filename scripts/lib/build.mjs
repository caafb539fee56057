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

/** Programs of our own that run outside Astro's build: the server process, and what its worker threads do. */
export const SERVE = join(ROOT, '.lapboard/serve.mjs');
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

/** Builds the server process and its worker threads: programs that server and tests start. */
export async function buildPrograms() {
  const sources = [
    'src/core',
    'src/formats',
    'src/http',
    'src/app/archive/dumps.ts',
    'src/threads',
    'src/server',
    'package-lock.json',
  ];
  await unlessDone('.lapboard/programs.built', fingerprint([...sources, 'scripts/lib/build.mjs']), () => {
    const { buildSync } = createRequire(import.meta.url)('esbuild');
    const build = (source, outfile, options) =>
      buildSync({
        entryPoints: [join(ROOT, source)],
        outfile,
        bundle: true,
        platform: 'node',
        format: 'esm',
        logLevel: 'error',
        ...options,
      });
    build('src/server/serve.ts', SERVE, { packages: 'external' });
    // With its packages in one file a thread starts in half the time; some of them still ask for Node's own with require.
    const banner =
      "import { createRequire as requireOf } from 'node:module';\nconst require = requireOf(import.meta.url);";
    build('src/threads/heavy.ts', THREAD, { banner: { js: banner } });
  });
}

/** Builds the application when a source has changed since the last build. */
export async function buildApplication() {
  await buildPrograms();
  await unlessDone('dist/.built', fingerprint(SOURCES), async () => {
    say('Building (about half a minute)…');
    const { status, said } = await run(join(ROOT, 'node_modules/.bin/astro'), ['build']);
    if (status !== 0) fail(`The build failed:\n${said}`);
    compress(join(ROOT, 'dist/client'));
  });
}
