import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { expect, it } from 'vitest';
import { fingerprint } from '../../../scripts/lib/fingerprint.mjs';

it('of a checkout is the same wherever it is, and another for another file', () => {
  const made = ['a', 'b', 'a', 'a'].map((text, i) => {
    const folder = mkdtempSync(join(tmpdir(), 'lapboard-print-'));
    mkdirSync(join(folder, 'src'));
    writeFileSync(join(folder, 'src', i === 3 ? 'other.ts' : 'one.ts'), text);
    const print = fingerprint(['src'], folder);
    rmSync(folder, { recursive: true });
    return print;
  });
  expect(made[2]).toBe(made[0]);
  expect(new Set(made).size).toBe(3);
});
