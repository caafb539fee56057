import type { Migration } from './migration';

/**
 * What is said at the bench, added and never changed: the n-th of its session, counted under a lock, so that whoever has had all up to
 * an n has missed none; what was said of a seat that is gone stays, as nobody's. Whoever listens is told each as it is stored. A seat's page is opened by a link that holds until its epoch rises. A
 * tablet is paired by a code that works once.
 */
export const bench: Migration = {
  name: '010-bench',
  up: `
    CREATE TABLE seat_progress (
      session_id uuid NOT NULL REFERENCES sessions ON DELETE CASCADE,
      n integer NOT NULL CHECK (n > 0),
      key uuid NOT NULL UNIQUE,
      seat_id uuid REFERENCES seats ON DELETE SET NULL,
      what text NOT NULL CHECK (length(what) BETWEEN 1 AND 20),
      value jsonb,
      at timestamptz NOT NULL,
      device text NOT NULL CHECK (length(device) BETWEEN 1 AND 60),
      PRIMARY KEY (session_id, n)
    );
    CREATE INDEX seat_progress_by_seat ON seat_progress (seat_id);
    CREATE FUNCTION tell_bench() RETURNS trigger LANGUAGE plpgsql AS $$
      BEGIN
        PERFORM pg_notify('bench', jsonb_build_object('session', NEW.session_id, 'n', NEW.n, 'key', NEW.key,
          'seat', NEW.seat_id, 'what', NEW.what, 'value', NEW.value, 'at', NEW.at, 'by', NEW.device)::text);
        RETURN NULL;
      END $$;
    CREATE TRIGGER bench_is_told AFTER INSERT ON seat_progress FOR EACH ROW EXECUTE FUNCTION tell_bench();
    ALTER TABLE seats ADD COLUMN link_epoch integer NOT NULL DEFAULT 1 CHECK (link_epoch > 0);
    CREATE TABLE tablets (
      id uuid PRIMARY KEY,
      name text NOT NULL CHECK (length(name) BETWEEN 1 AND 60),
      mark text NOT NULL UNIQUE,
      day date NOT NULL,
      paired_at timestamptz NOT NULL DEFAULT now(),
      revoked_at timestamptz
    );
    CREATE TABLE pairing_codes (
      mark text PRIMARY KEY,
      until timestamptz NOT NULL,
      used_at timestamptz
    );
  `,
  down: `
    DROP TABLE pairing_codes, tablets, seat_progress;
    DROP FUNCTION tell_bench;
    ALTER TABLE seats DROP COLUMN link_epoch;
  `,
};
