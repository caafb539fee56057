import type { Migration } from './migration';

/** No number of a record is larger, mm or minutes. */
const MAX = 100_000;
const isAbsurd = (column: string, path: string): string =>
  `${column} @? '${path} ? (@.type() == "number" && (@ < 0 || @ > ${MAX}))'`;

/** What a record or movement may not change, but for a name that is taken out of its words while somebody is erased. */
const erasing = "current_setting('lapboard.erasing', true) = 'yes'";

/**
 * Projects note the rules they were checked by when they were saved, so that an archive with older ones comes back. Values that were
 * taken before anything checked them go: records past any length that is made, rooms that are none. Transfers of archives say how far
 * they are. Nothing of this is lost that could be used: such values broke the pages that showed them. Where somebody is erased, their
 * name may be taken out of the words of records and movements, and nothing else of them changed.
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
    CREATE OR REPLACE FUNCTION refuse_change() RETURNS trigger LANGUAGE plpgsql AS $$
    BEGIN
      IF TG_OP = 'UPDATE' AND ${erasing} AND to_jsonb(NEW) - 'note' = to_jsonb(OLD) - 'note' THEN RETURN NEW; END IF;
      RAISE EXCEPTION 'the ledger is not edited: enter a counter-movement';
    END $$;
    CREATE OR REPLACE FUNCTION keep_records() RETURNS trigger LANGUAGE plpgsql AS $$
    BEGIN
      IF TG_OP = 'UPDATE' AND ${erasing}
         AND (NEW.n, NEW.key, NEW.piece, NEW.made_at, NEW.planned, NEW.seen, NEW.said - 'word')
           IS NOT DISTINCT FROM (OLD.n, OLD.key, OLD.piece, OLD.made_at, OLD.planned, OLD.seen, OLD.said - 'word') THEN
        RETURN NEW;
      END IF;
      IF TG_OP = 'DELETE' OR (NEW.n, NEW.key, NEW.piece, NEW.title, NEW.made_at, NEW.planned, NEW.seen)
           IS DISTINCT FROM (OLD.n, OLD.key, OLD.piece, OLD.title, OLD.made_at, OLD.planned, OLD.seen)
         OR NEW.said NOT IN (OLD.said, OLD.said - 'word') THEN
        RAISE EXCEPTION 'a record is not edited: add another over it';
      END IF;
      RETURN NEW;
    END $$;
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
