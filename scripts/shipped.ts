// Notes the mark of every document that ships now in catalogue/shipped.json, beside those of before: by them an update tells a
// document that a studio left as it came from one that it changed.
import { readFileSync, writeFileSync } from 'node:fs';
import { SHIPPED } from '../catalogue';
import { markOf } from '../src/app/studio/shipped';

type Marks = Record<string, Record<string, string[]>>;
const FILE = new URL('../catalogue/shipped.json', import.meta.url);
const before = JSON.parse(readFileSync(FILE, 'utf8')) as Marks;
const after: Marks = {};
for (const table of ['projects', 'cords', 'hardware'] as const) {
  after[table] = { ...before[table] };
  for (const doc of Object.values(SHIPPED[table]))
    after[table][doc.slug] = [...new Set([...(after[table][doc.slug] ?? []), markOf(doc)])];
}
writeFileSync(FILE, `${JSON.stringify(after, null, 2)}\n`);
