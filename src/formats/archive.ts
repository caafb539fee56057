import { strFromU8, strToU8, unzipSync, zipSync } from 'fflate';
import { Type, type Static } from '@sinclair/typebox';
import { checker } from './check';
import { parseJson } from './json';

/** What every studio archive says of itself. */
export const ManifestSchema = Type.Object(
  {
    format: Type.Literal('lapboard-studio'),
    version: Type.Literal(1),
    made_on: Type.String({ format: 'date' }),
    tables: Type.Array(Type.String({ pattern: '^[a-z_]+$' }), { minItems: 1, maxItems: 50, uniqueItems: true }),
  },
  { additionalProperties: false },
);
export type Manifest = Static<typeof ManifestSchema>;
export type Row = Readonly<Record<string, unknown>>;
export type Tables = Readonly<Record<string, readonly Row[]>>;

const checkManifest = checker(ManifestSchema);
const checkRows = checker(Type.Array(Type.Record(Type.String(), Type.Unknown()), { maxItems: 2_000_000 }));

/** Unpacked, an archive is at most this large: past it, it is no studio. */
const MOST_BYTES = 400_000_000;

/** A whole studio as one ZIP: a manifest, and a JSON file for each table. */
export function packStudio(tables: Tables, made_on: string): Uint8Array {
  const manifest: Manifest = { format: 'lapboard-studio', version: 1, made_on, tables: Object.keys(tables) };
  const files: Record<string, Uint8Array> = { 'manifest.json': strToU8(JSON.stringify(manifest, null, 2)) };
  for (const [name, rows] of Object.entries(tables)) files[`${name}.json`] = strToU8(JSON.stringify(rows));
  return zipSync(files, { level: 6 });
}

/** Reads a studio's ZIP, or says what is wrong with it and in which file. */
export function unpackStudio(
  bytes: Uint8Array,
): { readonly ok: true; readonly tables: Tables } | { readonly ok: false; readonly why: string } {
  let files: Record<string, Uint8Array>;
  let size = 0;
  try {
    files = unzipSync(bytes, {
      filter: ({ name, originalSize }) => {
        size += originalSize;
        return size <= MOST_BYTES && /^[a-z_]+\.json$/.test(name);
      },
    });
  } catch (error) {
    return { ok: false, why: `It is no ZIP that can be read: ${(error as Error).message}.` };
  }
  if (size > MOST_BYTES) return { ok: false, why: 'Unpacked it is larger than any studio.' };
  const read = (name: string) => {
    const file = files[name];
    return file ? parseJson(strFromU8(file)) : null;
  };
  const manifest = read('manifest.json');
  if (!manifest?.ok) return { ok: false, why: 'It has no manifest.json: it is not an export of a studio.' };
  const checked = checkManifest(manifest.value);
  if (!checked.ok) return { ok: false, why: `manifest.json: ${checked.fault.at} ${checked.fault.error}.` };
  const tables: Record<string, readonly Row[]> = {};
  for (const name of checked.value.tables) {
    const rows = read(`${name}.json`);
    if (!rows) return { ok: false, why: `${name}.json is missing.` };
    if (!rows.ok) return { ok: false, why: `${name}.json is ${rows.fault.error}.` };
    const own = checkRows(rows.value);
    if (!own.ok) return { ok: false, why: `${name}.json: ${own.fault.at} ${own.fault.error}.` };
    tables[name] = own.value;
  }
  return { ok: true, tables };
}
