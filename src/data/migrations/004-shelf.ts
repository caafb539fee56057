import type { Migration } from './migration';

/**
 * The shelf: items, lots, and an append-only ledger of movements. A lot's balance, and what each session holds of it, are sums of
 * movements, kept by triggers and checked by constraints, so that no two writers can take the same last metre.
 */
export const shelf: Migration = {
  name: '004-shelf',
  up: `
    CREATE TABLE items (
      id text PRIMARY KEY CHECK (id ~ '^(cord/[a-z0-9-]+/[a-z0-9-]+|(hardware|consumable|tool)/[a-z0-9-]+)$'),
      doc jsonb NOT NULL CHECK (doc->>'id' = id),
      version integer NOT NULL DEFAULT 1 CHECK (version > 0)
    );
    CREATE TABLE lots (
      id uuid PRIMARY KEY,
      number integer GENERATED ALWAYS AS IDENTITY UNIQUE,
      item text NOT NULL REFERENCES items,
      kind text NOT NULL CHECK (kind IN ('spool', 'hank', 'pack', 'offcut', 'bag')),
      place text NOT NULL DEFAULT '' CHECK (length(place) <= 80),
      tare numeric(9, 2) CHECK (tare >= 0),
      hand integer NOT NULL DEFAULT 0 CHECK (hand >= 0),
      held integer NOT NULL DEFAULT 0 CHECK (held BETWEEN 0 AND hand)
    );
    CREATE INDEX lots_by_item ON lots (item) WHERE hand > 0;
    CREATE TABLE movements (
      id bigint GENERATED ALWAYS AS IDENTITY PRIMARY KEY,
      key uuid NOT NULL UNIQUE,
      made_at timestamptz NOT NULL DEFAULT now(),
      kind text NOT NULL,
      lot uuid NOT NULL REFERENCES lots,
      hand integer NOT NULL,
      held integer NOT NULL,
      session_id uuid REFERENCES sessions,
      note text NOT NULL DEFAULT '' CHECK (length(note) <= 200),
      undoes bigint UNIQUE REFERENCES movements,
      CHECK ((undoes IS NOT NULL) = (kind = 'undo')),
      CHECK (held = 0 OR session_id IS NOT NULL),
      CHECK (CASE kind
        WHEN 'receive' THEN hand > 0 AND held = 0
        WHEN 'return' THEN hand > 0 AND held = 0
        WHEN 'reserve' THEN hand = 0 AND held > 0
        WHEN 'release' THEN hand = 0 AND held < 0
        WHEN 'issue' THEN hand < 0 AND held BETWEEN hand AND 0
        WHEN 'waste' THEN hand < 0 AND held = 0
        WHEN 'count' THEN held = 0
        WHEN 'undo' THEN true
        ELSE false END)
    );
    CREATE INDEX movements_by_lot ON movements (lot, id);
    CREATE INDEX movements_by_session ON movements (session_id, id) WHERE session_id IS NOT NULL;
    CREATE TABLE holds (
      session_id uuid NOT NULL REFERENCES sessions,
      lot uuid NOT NULL REFERENCES lots,
      held integer NOT NULL CHECK (held >= 0),
      PRIMARY KEY (session_id, lot)
    );
    CREATE INDEX holds_by_lot ON holds (lot) WHERE held > 0;

    CREATE FUNCTION book_movement() RETURNS trigger LANGUAGE plpgsql AS $$
    BEGIN
      UPDATE lots SET hand = hand + NEW.hand, held = held + NEW.held WHERE id = NEW.lot;
      IF NEW.held <> 0 THEN
        INSERT INTO holds (session_id, lot, held) VALUES (NEW.session_id, NEW.lot, 0) ON CONFLICT DO NOTHING;
        UPDATE holds SET held = held + NEW.held WHERE session_id = NEW.session_id AND lot = NEW.lot;
      END IF;
      RETURN NULL;
    END $$;
    CREATE TRIGGER movements_book AFTER INSERT ON movements FOR EACH ROW EXECUTE FUNCTION book_movement();

    CREATE FUNCTION refuse_change() RETURNS trigger LANGUAGE plpgsql AS $$
    BEGIN RAISE EXCEPTION 'the ledger is not edited: enter a counter-movement'; END $$;
    CREATE TRIGGER movements_stay BEFORE UPDATE OR DELETE ON movements FOR EACH ROW EXECUTE FUNCTION refuse_change();

    CREATE FUNCTION guard_balance() RETURNS trigger LANGUAGE plpgsql AS $$
    BEGIN
      IF pg_trigger_depth() < 2 THEN RAISE EXCEPTION 'a balance changes by a movement alone'; END IF;
      RETURN NEW;
    END $$;
    CREATE TRIGGER lots_guard BEFORE UPDATE OF hand, held ON lots FOR EACH ROW EXECUTE FUNCTION guard_balance();
    CREATE TRIGGER holds_guard BEFORE UPDATE OF held ON holds FOR EACH ROW EXECUTE FUNCTION guard_balance();

    CREATE TABLE orders (
      id uuid PRIMARY KEY,
      item text NOT NULL REFERENCES items,
      packs integer NOT NULL CHECK (packs > 0),
      pack integer NOT NULL CHECK (pack > 0),
      price integer CHECK (price >= 0),
      ordered_on date NOT NULL,
      due_on date NOT NULL CHECK (due_on >= ordered_on),
      received integer NOT NULL DEFAULT 0 CHECK (received BETWEEN 0 AND packs),
      cancelled boolean NOT NULL DEFAULT false,
      note text NOT NULL DEFAULT '' CHECK (length(note) <= 200),
      version integer NOT NULL DEFAULT 1 CHECK (version > 0)
    );
    CREATE INDEX orders_open ON orders (item) WHERE received < packs AND NOT cancelled;

    ALTER TABLE sessions ADD COLUMN lanes jsonb, ADD COLUMN kits jsonb;
    ALTER TABLE seats ADD COLUMN wishes text[] NOT NULL DEFAULT '{}' CHECK (cardinality(wishes) <= 6);
  `,
  down: `
    ALTER TABLE seats DROP COLUMN wishes;
    ALTER TABLE sessions DROP COLUMN lanes, DROP COLUMN kits;
    DROP TABLE orders, holds, movements, lots, items;
    DROP FUNCTION book_movement, refuse_change, guard_balance;
  `,
};
