import { strToU8, zipSync } from 'fflate';
import { LEVEL, type Manifest, type Tables } from './manifest';

/** A whole studio as one ZIP, from the JSON text of each table: a manifest, and a file for each. */
export function packTexts(texts: Readonly<Record<string, string>>, made_on: string, level = LEVEL): Uint8Array {
  const manifest: Manifest = { format: 'lapboard-studio', version: 1, level, made_on, tables: Object.keys(texts) };
  const files: Record<string, Uint8Array> = { 'manifest.json': strToU8(JSON.stringify(manifest, null, 2)) };
  for (const [name, text] of Object.entries(texts)) files[`${name}.json`] = strToU8(text);
  return zipSync(files, { level: 6 });
}

/** The same from rows. */
export const packStudio = (tables: Tables, made_on: string, level = LEVEL): Uint8Array =>
  packTexts(
    Object.fromEntries(Object.entries(tables).map(([name, rows]) => [name, JSON.stringify(rows)])),
    made_on,
    level,
  );
