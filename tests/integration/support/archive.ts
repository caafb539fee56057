import { zipSync } from 'fflate';
import { exportStudio, importStudio } from '../../../src/app/archive/archive';
import { STUDIO_TABLES, tableTexts } from '../../../src/data/archive';
import { inTransaction } from '../../../src/data/database/transaction';
import { manifestOf, type Row, type Tables } from '../../../src/formats/archive';

/** Parts of a stream as one. */
export async function whole(parts: AsyncIterable<Uint8Array>): Promise<Uint8Array> {
  const all: Uint8Array[] = [];
  for await (const part of parts) all.push(part);
  return Buffer.concat(all);
}

/** Texts of a stream as one. */
export async function wholeText(parts: AsyncIterable<string>): Promise<string> {
  let text = '';
  for await (const part of parts) text += part;
  return text;
}

/** The studio's archive, as it is downloaded. */
export const exported = (): Promise<Uint8Array> => whole(exportStudio());

/** Imports an archive's bytes, as they come in parts. */
export const imported = (bytes: Uint8Array): Promise<{ readonly rows: number }> =>
  importStudio(
    (async function* () {
      for (let from = 0; from < bytes.length; from += 65_536) yield bytes.subarray(from, from + 65_536);
    })(),
  );

const utf8 = (value: unknown): Uint8Array => new TextEncoder().encode(JSON.stringify(value));

/** An archive made by hand; `level` null where it does not say. */
export function packed(tables: Tables, level: number | null = manifestOf([], '2030-05-01', 0).level!): Uint8Array {
  const { level: _, rows: _r, ...manifest } = manifestOf(Object.keys(tables), '2030-05-01', 0);
  return zipSync({
    'manifest.json': utf8({ ...manifest, ...(level !== null && { level }) }),
    ...Object.fromEntries(Object.entries(tables).map(([name, rows]) => [`${name}.json`, utf8(rows)])),
  });
}

/** Every row of a studio that an archive holds. */
export const everything = (): Promise<Tables> =>
  inTransaction(async (t) => {
    const tables: Record<string, Row[]> = {};
    for (const table of STUDIO_TABLES) {
      tables[table] = [];
      for await (const texts of tableTexts(table, t))
        tables[table].push(...texts.map((text) => JSON.parse(text) as Row));
    }
    return tables;
  });
