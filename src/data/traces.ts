import type { Transaction } from 'sequelize';
import { TRACE_PLACES, type TracePlace } from '../core/person';
import { text } from './database/columns';
import { run, select } from './database/query';

/** A column of free text that may name somebody else than its row is about. */
interface Place {
  readonly table: string;
  /** The column that tells its rows apart. */
  readonly key: string;
  /** The text, and how it is written back. */
  readonly text: string;
  readonly set: (value: string) => string;
  readonly max: number;
}

const column = (table: string, name: string, max: number, key = 'id'): Place => ({
  table,
  key,
  text: name,
  set: (value) => `${name} = ${value}`,
  max,
});

/** Every free text that a studio keeps beside a person's own, by a name for it. */
const PLACES: Readonly<Record<TracePlace, Place>> = {
  'seat note': column('seats', 'note', 500),
  'session title': column('sessions', 'title', 120),
  'session place': column('sessions', 'place', 120),
  'session instructor': column('sessions', 'leader', 120),
  'fire rules confirmed by': {
    table: 'sessions',
    key: 'id',
    text: "room->>'fire_by'",
    set: (value) => `room = jsonb_set(room, '{fire_by}', to_jsonb(${value}))`,
    max: 120,
  },
  'bench entry': {
    table: 'seat_progress',
    key: 'key',
    text: "CASE WHEN jsonb_typeof(value) = 'string' AND what IN ('table', 'rescue') THEN value #>> '{}' END",
    set: (value) => `value = to_jsonb(${value})`,
    max: 80,
  },
  'record title': column('seat_records', 'title', 120, 'key'),
  'record remark': {
    table: 'seat_records',
    key: 'key',
    text: "said->>'word'",
    set: (value) => `said = jsonb_set(said, '{word}', to_jsonb(${value}))`,
    max: 300,
  },
  'figure changed by': column('figure_changes', 'by_whom', 120, 'key'),
  'ledger note': column('movements', 'note', 200),
  'order note': column('orders', 'note', 200),
  'place on the shelf': column('lots', 'place', 80),
};

/** A text that names a person, or a part of their name, where it is not about them. */
export interface Trace {
  readonly place: TracePlace;
  readonly key: string;
  readonly text: string;
}

/** The most texts that are looked through by a person. */
const MAX_TRACES = 200;
/** Parts of a name that are shorter are in too many words. */
const MIN_PART = 3;

/** A pattern that finds a name or any longer part of it, as whole words. */
function patternOf(name: string): string {
  const parts = name
    .normalize('NFC')
    .split(/[^\p{L}\p{N}'’-]+/u)
    .filter((part) => part.length >= MIN_PART);
  const escaped = [name.trim(), ...parts].map((part) => part.replace(/[.*+?^${}()|[\]\\]/g, '\\$&'));
  const longestFirst = [...new Set(escaped)].sort((a, b) => b.length - a.length);
  return `(?<![[:alnum:]])(${longestFirst.join('|')})(?![[:alnum:]])`;
}

/** Texts that name somebody, beside what is kept under their own name. */
export async function tracesOf(name: string, t: Transaction): Promise<Trace[]> {
  const found: Trace[] = [];
  for (const place of TRACE_PLACES) {
    const { table, key, text: own } = PLACES[place];
    const rows = await select(
      { key: text(`${key}::text`), text: text(own) },
      `FROM ${table} WHERE ${own} ~* $1 ORDER BY ${key} LIMIT ${MAX_TRACES}`,
      [patternOf(name)],
      t,
    );
    found.push(...rows.map((row) => ({ place, ...row })));
  }
  return found.slice(0, MAX_TRACES);
}

/** What stands where a name was taken out. */
const REMOVED = '[name removed]';

/** Takes a name, and any longer part of it, out of some texts. */
export async function removeTraces(
  name: string,
  traces: readonly Pick<Trace, 'place' | 'key'>[],
  t: Transaction,
): Promise<void> {
  if (traces.length === 0) return;
  await run("SELECT set_config('lapboard.erasing', 'yes', true)", [], t);
  for (const place of TRACE_PLACES) {
    const keys = traces.filter((one) => one.place === place).map(({ key }) => key);
    if (keys.length === 0) continue;
    const { table, key, text: own, set, max } = PLACES[place];
    await run(
      `UPDATE ${table} SET ${set(`left(regexp_replace(${own}, $1, '${REMOVED}', 'gi'), ${max})`)}
        WHERE ${key}::text = ANY($2::text[]) AND ${own} ~* $1`,
      [patternOf(name), keys],
      t,
    );
  }
  await run("SELECT set_config('lapboard.erasing', 'no', true)", [], t);
}
