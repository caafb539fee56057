// Prints how each shipped piece is made, act by act for a usual seat, into docs/making; and how long they take, into docs/pace.md.
import { mkdirSync, writeFileSync } from 'node:fs';
import { MAKING_WORDS, SHIPPED } from '../catalogue';
import { makingPage } from '../src/formats/making-page';
import { pacePage } from '../src/formats/pace-page';

const FOLDER = new URL('../docs/making/', import.meta.url);
mkdirSync(FOLDER, { recursive: true });
for (const project of Object.values(SHIPPED.projects))
  writeFileSync(new URL(`${project.slug}.md`, FOLDER), makingPage(project, SHIPPED, MAKING_WORDS, { units: 'cm' }));
writeFileSync(new URL('../docs/pace.md', import.meta.url), pacePage(SHIPPED));
