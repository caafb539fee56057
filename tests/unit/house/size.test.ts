import { readdirSync, readFileSync } from 'node:fs';
import { join, relative } from 'node:path';
import { expect, it } from 'vitest';

const ROOT = join(import.meta.dirname, '../../..');
const CODE = /\.(ts|tsx|astro|mjs)$/;
/** Things of one kind, a file each, and the migrations, which stand in a row. */
const ALIKE = ['src/core/part', 'src/core/stitch'];

const files = ['src', 'tests', 'scripts', 'demo', 'catalogue'].flatMap((top) =>
  readdirSync(join(ROOT, top), { recursive: true, withFileTypes: true })
    .filter((entry) => entry.isFile() && CODE.test(entry.name))
    .map((entry) => {
      const path = join(entry.parentPath, entry.name);
      return {
        path: relative(ROOT, path),
        folder: relative(ROOT, entry.parentPath),
        lines: readFileSync(path, 'utf8').split('\n').length - 1,
      };
    }),
);

it('no file is longer than can be read in one go, and no folder holds more than can be looked over', () => {
  expect(files.filter(({ lines }) => lines > 250).map(({ path, lines }) => `${path}: ${lines}`)).toEqual([]);
  const inFolder = new Map<string, number>();
  for (const { folder } of files) inFolder.set(folder, (inFolder.get(folder) ?? 0) + 1);
  expect([...inFolder].filter(([folder, count]) => count > 15 && !ALIKE.includes(folder))).toEqual([]);
});

it('tests are a quarter to a third of the code', () => {
  const counted = files.filter(({ path }) => /\.(ts|tsx|astro)$/.test(path));
  const sum = (of: typeof counted): number => of.reduce((all, { lines }) => all + lines, 0);
  const share = sum(counted.filter(({ path }) => path.startsWith('tests/'))) / sum(counted);
  expect(share).toBeGreaterThanOrEqual(0.25);
  expect(share).toBeLessThanOrEqual(0.34);
});
