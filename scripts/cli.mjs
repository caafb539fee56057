// Runs a command of src/cli, bundled once a change: `node scripts/cli.mjs plan FILE`. Standard output is the command's alone.
import { createRequire } from 'node:module';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { fingerprint, unlessDone } from './lib/fingerprint.mjs';
import { installPackages } from './lib/install.mjs';
import { ROOT } from './lib/root.mjs';

const [name, ...rest] = process.argv.slice(2);
const bundle = join(ROOT, `.lapboard/${name}.mjs`);

await installPackages();
const print = fingerprint(['src/core', 'src/formats', 'src/solver', 'src/cli', 'catalogue', 'package-lock.json']);
await unlessDone(`.lapboard/${name}.built`, print, () => {
  createRequire(import.meta.url)('esbuild').buildSync({
    entryPoints: [join(ROOT, `src/cli/${name}.ts`)],
    outfile: bundle,
    bundle: true,
    minify: true,
    platform: 'node',
    format: 'esm',
    // It finds its WebAssembly beside itself.
    external: ['highs'],
    banner: { js: "import { createRequire } from 'node:module'; const require = createRequire(import.meta.url);" },
  });
});
process.argv.splice(1, process.argv.length - 1, bundle, ...rest);
await import(pathToFileURL(bundle).href);
