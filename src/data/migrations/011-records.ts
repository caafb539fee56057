import type { Migration } from './migration';

/**
 * Yield records, added and never changed: of a piece (a seat, or a line of a history from elsewhere), what was planned and what is said of it, the
 * newest over the older. Who made it is a name that says nothing, the same for all of one person's; who that is goes when they are forgotten,
 * and with it what was written in words. What the records say of the studio's figures is kept as it was last learned, and every change that
 * was made on it is a row of its own.
 */
export const records: Migration = {
  name: '011-records',
  up: `
    CREATE TABLE seat_records (
      n bigint GENERATED ALWAYS AS IDENTITY PRIMARY KEY,
      key uuid NOT NULL UNIQUE,
      piece uuid NOT NULL,
      session_id uuid REFERENCES sessions ON DELETE SET NULL,
      title text NOT NULL DEFAULT '' CHECK (length(title) <= 120),
      person_id uuid REFERENCES people ON DELETE SET NULL,
      maker uuid NOT NULL,
      made_at timestamptz NOT NULL DEFAULT now(),
      planned jsonb,
      seen jsonb,
      said jsonb NOT NULL
    );
    CREATE INDEX seat_records_by_piece ON seat_records (piece, n);
    CREATE INDEX seat_records_by_session ON seat_records (session_id) WHERE session_id IS NOT NULL;
    CREATE INDEX seat_records_by_maker ON seat_records (maker, person_id) WHERE person_id IS NOT NULL;
    CREATE INDEX seat_records_by_person ON seat_records (person_id) WHERE person_id IS NOT NULL;
    CREATE FUNCTION keep_records() RETURNS trigger LANGUAGE plpgsql AS $$
    BEGIN
      IF TG_OP = 'DELETE' OR (NEW.n, NEW.key, NEW.piece, NEW.title, NEW.made_at, NEW.planned, NEW.seen)
           IS DISTINCT FROM (OLD.n, OLD.key, OLD.piece, OLD.title, OLD.made_at, OLD.planned, OLD.seen)
         OR NEW.said NOT IN (OLD.said, OLD.said - 'word') THEN
        RAISE EXCEPTION 'a record is not edited: say more over it';
      END IF;
      RETURN NEW;
    END $$;
    CREATE TRIGGER records_stay BEFORE UPDATE OR DELETE ON seat_records FOR EACH ROW EXECUTE FUNCTION keep_records();
    CREATE TABLE learned (
      one boolean PRIMARY KEY DEFAULT true CHECK (one),
      mark text NOT NULL,
      made_at timestamptz NOT NULL DEFAULT now(),
      doc jsonb NOT NULL
    );
    CREATE TABLE estimates (
      figure text PRIMARY KEY CHECK (length(figure) BETWEEN 1 AND 200),
      doc jsonb NOT NULL,
      points jsonb NOT NULL
    );
    CREATE TABLE figure_changes (
      n bigint GENERATED ALWAYS AS IDENTITY PRIMARY KEY,
      key uuid NOT NULL UNIQUE,
      made_at timestamptz NOT NULL DEFAULT now(),
      by_whom text NOT NULL DEFAULT '' CHECK (length(by_whom) <= 120),
      figure text NOT NULL CHECK (length(figure) BETWEEN 1 AND 200),
      how text NOT NULL CHECK (how IN ('accepted', 'kept', 'set', 'taken back')),
      was jsonb NOT NULL,
      is_now jsonb NOT NULL,
      records integer NOT NULL CHECK (records >= 0),
      undoes bigint UNIQUE REFERENCES figure_changes
    );
    CREATE INDEX figure_changes_by_figure ON figure_changes (figure, n);
    ALTER TABLE sessions ADD COLUMN wrap jsonb;
  `,
  down: `
    ALTER TABLE sessions DROP COLUMN wrap;
    DROP TABLE figure_changes, estimates, learned, seat_records;
    DROP FUNCTION keep_records;
  `,
};
