import { existsSync, readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { describe, expect, it } from 'vitest';
import { SHEETS } from '../../../src/app/sheets';
import { SCHOOL_LIST } from '../../../src/core/cut';
import { PARTS } from '../../../src/core/part';
import { STAGES } from '../../../src/core/session';
import { STITCHES } from '../../../src/core/stitch';

const SRC = join(import.meta.dirname, '../../../src');

/** The files of a folder that say of something in them that it is such a thing. */
const filesWith = (folder: string, says: RegExp): string[] =>
  readdirSync(join(SRC, folder))
    .filter((file) => /\.tsx?$/.test(file) && says.test(readFileSync(join(SRC, folder, file), 'utf8')))
    .map((file) => file.replace(/\.tsx?$/, ''))
    .sort();

describe('a new one is a file and a line: every file is in its list, under its own name', () => {
  it('of stitches', () => {
    expect(filesWith('core/stitch', /^export const \w+: Stitch\b/m)).toEqual(Object.keys(STITCHES).sort());
  });
  it('of parts', () => {
    expect(filesWith('core/part', /^export const \w+: Part\b/m)).toEqual(Object.keys(PARTS).sort());
  });
  it('of schools', () => {
    expect(filesWith('core/cut/schools', /^export const \w+: School\b/m)).toEqual(Object.keys(SCHOOL_LIST).sort());
  });
  it('of stages, each with a worksheet on the board, but for the bench, which has a page of its own', () => {
    const slugs = STAGES.map(({ slug }) => slug).sort();
    expect(filesWith('core/session/stages', /^export const \w+: StageFeature\b/m)).toEqual(slugs);
    const panels = readFileSync(join(SRC, 'islands/session/board/all-panels.ts'), 'utf8');
    expect([...panels.matchAll(/^ {4}'?([\w-]+)'?: \w+Stage,$/gm)].map(([, slug]) => slug).sort()).toEqual(
      slugs.filter((slug) => slug !== 'bench'),
    );
    expect(existsSync(join(SRC, 'pages/sessions/[id]/bench.astro'))).toBe(true);
  });
  it('of sheets, each with an address of its own beside the stages’', () => {
    expect(filesWith('app/sheets', /^export const \w+: SheetFeature\b/m)).toHaveLength(SHEETS.length);
    const addresses = [...SHEETS.map(({ page }) => page), ...STAGES.map(({ slug }) => slug)];
    expect(new Set(addresses).size).toBe(addresses.length);
    expect(new Set(SHEETS.map(({ file }) => file)).size).toBe(SHEETS.length);
  });
  // Endpoints are files alone; that every one of them is tried is held by tests/served.
});
