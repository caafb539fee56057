// Writes the published JSON Schemas from the definitions the program validates with.
import { mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { CordSchema } from '../src/core/cord';
import { HardwareSchema } from '../src/core/part';
import { ProjectSchema } from '../src/core/project';
import { LanesPlanSchema, LanesProblemSchema } from '../src/core/lanes';
import { PlanAnswerSchema, SessionDocumentSchema } from '../src/core/exchange';

const FOLDER = new URL('../docs/schema/', import.meta.url);
const SCHEMAS = {
  'lapboard-session': SessionDocumentSchema,
  'lapboard-plan': PlanAnswerSchema,
  'lapboard-lanes': LanesProblemSchema,
  'lapboard-lanes-plan': LanesPlanSchema,
  'lapboard-project': ProjectSchema,
  'lapboard-cord': CordSchema,
  'lapboard-hardware': HardwareSchema,
};

/** The published text of each schema, by file name. */
export function published(): Record<string, string> {
  return Object.fromEntries(
    Object.entries(SCHEMAS).map(([name, schema]) => {
      const whole = { $schema: 'http://json-schema.org/draft-07/schema#', ...schema, $id: name };
      return [`${name}.schema.json`, `${JSON.stringify(whole, null, 2)}\n`];
    }),
  );
}

/** Names of the files in docs/schema that are not what the program validates with. */
export function outdated(): string[] {
  return Object.entries(published())
    .filter(([file, text]) => {
      try {
        return readFileSync(new URL(file, FOLDER), 'utf8') !== text;
      } catch {
        return true;
      }
    })
    .map(([file]) => file);
}

if (process.argv[1]?.endsWith('schemas.ts')) {
  mkdirSync(FOLDER, { recursive: true });
  for (const [file, text] of Object.entries(published())) writeFileSync(new URL(file, FOLDER), text);
}
