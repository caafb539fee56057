import type { Migration } from './migration';

/** No number of a record is larger, mm or minutes. */
const MAX = 100_000;
const isAbsurd = (column: string, path: string): string =>
  `${column} @? '${path} ? (@.type() == "number" && (@ < 0 || @ > ${MAX}))'`;

/**
 * Projects note the rules they were checked by when they were saved, so that an archive with older ones comes back. Values that were
 * taken before anything checked them go: records past any length that is made, rooms that are none. Transfers of archives say how far
 * they are. Nothing of this is lost that could be used: such values broke the pages that showed them.
 */
export const bounds: Migration = {
  name: '012-bounds',
  up: `
    ALTER TABLE projects ADD COLUMN rules integer NOT NULL DEFAULT 0 CHECK (rules >= 0);
    UPDATE sessions SET room = DEFAULT WHERE (
      jsonb_typeof(room) = 'object' AND room - ARRAY['adults', 'fire_by', 'tied', 'early'] = '{}'
      AND room @? '$.adults ? (@ >= 1 && @ <= 12 && @.floor() == @)' AND jsonb_typeof(room->'fire_by') = 'string'
      AND jsonb_typeof(room->'tied') = 'array' AND jsonb_typeof(room->'early') = 'array') IS NOT TRUE;
    ALTER TABLE seat_records DISABLE TRIGGER records_stay;
    UPDATE seat_records SET planned = NULL, seen = NULL WHERE ${isAbsurd('planned', '$.cords[*].*')} OR ${isAbsurd('planned', '$.*')}
      OR ${isAbsurd('planned', '$.figures.*')};
    ${['band_mm', 'half_knots', 'minutes']
      .map(
        (field) => `UPDATE seat_records SET said = said - '${field}'
      WHERE jsonb_typeof(said->'${field}') = 'number' AND (said->>'${field}')::numeric NOT BETWEEN 0 AND ${MAX};`,
      )
      .join('\n    ')}
    UPDATE seat_records SET said = said - 'left' WHERE ${isAbsurd('said', '$.left.*.mm[*]')};
    ALTER TABLE seat_records ENABLE TRIGGER records_stay;
    CREATE TABLE transfers (
      id uuid PRIMARY KEY,
      kind text NOT NULL CHECK (kind IN ('export', 'import')),
      done bigint NOT NULL DEFAULT 0,
      total bigint,
      state text NOT NULL CHECK (state IN ('running', 'finished', 'failed')),
      at timestamptz NOT NULL DEFAULT now()
    );
  `,
  down: `
    DROP TABLE transfers;
    ALTER TABLE projects DROP COLUMN rules;
  `,
};
