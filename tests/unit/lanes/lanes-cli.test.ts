import { spawnSync } from 'node:child_process';
import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { describe, expect, it } from 'vitest';
import { faultIn, LanesProblemSchema, type LanesPlan, type LanesProblem } from '../../../src/core/lanes';
import { checker } from '../../../src/formats/check';
import { expectValid } from '../examples/lanes-check';

describe('npm run lanes', () => {
  const run = (value: unknown, ...more: string[]) => {
    const file = join(mkdtempSync(join(tmpdir(), 'lanes-')), 'lanes.json');
    writeFileSync(file, typeof value === 'string' ? value : JSON.stringify(value));
    return spawnSync(process.execPath, ['scripts/cli.mjs', 'lanes', file, ...more], { encoding: 'utf8' });
  };
  const good: LanesProblem = {
    loss_mm: 0,
    keep_mm: 300,
    stock: [{ id: 's1', length_mm: 9400, fresh: false }],
    cuts: [{ id: 'c1', length_mm: 1830, count: 4 }],
  };

  it('answers with the plan alone', { timeout: 120_000 }, () => {
    const { stdout, status } = run(good, '--seconds', '2');
    expect(status).toBe(0);
    expectValid(good, JSON.parse(stdout) as LanesPlan);
  });

  it('refuses with the place at fault, on standard error alone', { timeout: 120_000 }, () => {
    const { stdout, stderr, status } = run({ ...good, cuts: [good.cuts[0], good.cuts[0]] });
    expect({ stdout, status }).toEqual({ stdout: '', status: 1 });
    expect(JSON.parse(stderr)).toMatchObject({ at: '/cuts/1/id', error: expect.stringContaining('twice') as string });
    expect(JSON.parse(run(good, '--seconds', 'soon').stderr)).toMatchObject({ at: '' });
  });

  it.each([
    [{ ...good, cuts: [{ id: 'c1', length_mm: -4 }] }, '/cuts/0/length_mm', /0.01/],
    [{ ...good, stock: [{ id: 's', length_mm: 900 }] }, '/stock/0/fresh', /fresh/],
    [{ ...good, keep: 3 }, '/keep', /not known/],
  ])('takes no %j', (value, at, words) => {
    const checked = checker(LanesProblemSchema)(value);
    expect(checked).toMatchObject({ ok: false, fault: { at, error: expect.stringMatching(words) as string } });
  });

  it('takes ids once, and no more cuts than can be meant', () => {
    expect(faultIn({ ...good, cuts: [{ id: 'x', length_mm: 10, count: 100_000 }] })?.at).toBe('/cuts');
    expect(faultIn(good)).toBeNull();
  });
});
