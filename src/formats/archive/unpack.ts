import { strFromU8 } from 'fflate';
import { Type } from '@sinclair/typebox';
import { done, messageOf, not, type Result } from '../../core/result';
import { checker } from '../check';
import { parseJson } from '../json';
import { bringUp } from './bring-up';
import { documentFault } from './check-documents';
import { checkManifest, FIRST_LEVEL, LEVEL, type Row, type Tables } from './manifest';
import { unzip } from '../unzip';

/** Unpacked, an archive is at most this large: past it, it is no studio. */
const LIMITS = { bytes: 120_000_000, files: 60 };

const checkRows = checker(Type.Array(Type.Record(Type.String(), Type.Unknown()), { maxItems: 2_000_000 }));

/**
 * Reads a studio's ZIP, brought up to the shape of now, with every document in it checked; or says what is wrong with it and in which
 * file.
 *
 * @param known the tables there are; one of another name is from a newer version
 * @param now the moment that stands in where an older archive kept none
 */
export function unpackStudio(bytes: Uint8Array, known: readonly string[], now: string): Result<Tables> {
  let files: Map<string, Uint8Array>;
  try {
    files = unzip(bytes, (name) => /^[a-z_]{1,40}\.json$/.test(name), LIMITS);
  } catch (error) {
    return not(messageOf(error));
  }
  const read = (name: string) => {
    const file = files.get(name);
    return file ? parseJson(strFromU8(file)) : null;
  };
  const manifest = read('manifest.json');
  if (!manifest?.ok) return not('It has no manifest.json: it is not an export of a studio.');
  const checked = checkManifest(manifest.value);
  if (!checked.ok) return not(`manifest.json: ${checked.fault.at} ${checked.fault.error}.`);
  const { level = FIRST_LEVEL, tables: names } = checked.value;
  if (level > LEVEL) return not(`It was made by a newer version (level ${level}; this one reads up to ${LEVEL}).`);
  const tables: Record<string, readonly Row[]> = {};
  for (const name of names) {
    if (!known.includes(name)) return not(`It holds “${name}”, which this version does not know.`);
    const rows = read(`${name}.json`);
    if (!rows) return not(`${name}.json is missing.`);
    if (!rows.ok) return not(`${name}.json is ${rows.fault.error}.`);
    const own = checkRows(rows.value);
    if (!own.ok) return not(`${name}.json: ${own.fault.at} ${own.fault.error}.`);
    tables[name] = own.value;
  }
  const brought = bringUp(tables, level, LEVEL, now);
  const fault = documentFault(brought);
  return fault ? not(`${fault}.`) : done(brought);
}
