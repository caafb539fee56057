import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { describe, expect, it } from 'vitest';
import { FACES, SCENE } from '../examples/core';

const ROOT = join(import.meta.dirname, '../../../src/core');
const scope: Readonly<Record<string, unknown>> = { ...Object.assign({}, ...Object.values(FACES)), ...SCENE };
const names = Object.keys(scope);
const run = (code: string): Promise<unknown> =>
  new (Object.getPrototypeOf(async () => undefined).constructor)(...names, `return (${code});`)(
    ...Object.values(scope),
  );

/** Every docstring of core with what it stands over: its name, and its examples as what is written and what comes of it. */
const documented = readdirSync(ROOT, { recursive: true, encoding: 'utf8' })
  .filter((file) => file.endsWith('.ts'))
  .flatMap((file) =>
    [
      ...readFileSync(join(ROOT, file), 'utf8').matchAll(
        /\/\*\*((?:(?!\*\/)[^])*)\*\/\nexport (?:async )?(?:function|const) (\w+)/g,
      ),
    ].map(([, doc = '', name = '']) => ({
      name,
      examples: [...(doc.split('@example')[1] ?? '').matchAll(/^ \* (.+) \/\/ (.+)$/gm)].map(([, code, comes]) => ({
        code: code!,
        comes: comes!,
      })),
    })),
  );

describe('core’s docstrings', () => {
  it('give an example of every verb that another folder may use', () => {
    expect(readdirSync(ROOT).filter((folder) => !(folder in FACES) && folder !== 'device')).toEqual([]);
    const told = new Set(documented.filter(({ examples }) => examples.length > 0).map(({ name }) => name));
    const verbs = Object.values(FACES).flatMap((face) =>
      Object.entries(face).flatMap(([name, value]) =>
        typeof value === 'function' && !/^class\b/.test(value.toString()) ? [name] : [],
      ),
    );
    expect(verbs.length).toBeGreaterThan(100);
    expect(verbs.filter((name) => !told.has(name))).toEqual([]);
  });

  const all = documented.flatMap(({ name, examples }) => examples.map((example) => ({ name, ...example })));
  it.each(all)('$code', async ({ code, comes }) => {
    expect(await run(code)).toEqual(await run(comes));
  });
});
