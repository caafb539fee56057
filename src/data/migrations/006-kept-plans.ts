import type { Migration } from './migration';

/**
 * A session keeps its whole plan when it is cut; cords, hardware and settings keep every revision, with its day, as projects do;
 * a person who is erased is marked so, that no edit under way brings them back.
 *
 * Cuts noted before are carried over as lengths alone: what they rested on was not kept.
 */
export const keptPlans: Migration = {
  name: '006-kept-plans',
  up: `
    UPDATE sessions s SET cut_done = jsonb_build_object(
      'on', to_char(s.held_on, 'YYYY-MM-DD'),
      'bases', '[]'::jsonb,
      'seats', (
        SELECT coalesce(jsonb_agg(jsonb_build_object(
          'seat', seat, 'person', null, 'label', label, 'asks', null, 'basis', null,
          'plan', jsonb_build_object('items', '[]'::jsonb, 'tools', '[]'::jsonb, 'messages', '[]'::jsonb,
            'cut', jsonb_build_object('cuts', cuts)))), '[]'::jsonb)
        FROM (
          SELECT cut->>'seat' AS seat, min(cut->>'label') AS label,
                 jsonb_agg((cut - 'seat' - 'label') || '{"anatomy": []}') AS cuts
            FROM jsonb_array_elements(s.cut_done) AS cut GROUP BY 1
        ) AS lengths
      ))
      WHERE jsonb_typeof(s.cut_done) = 'array';
    UPDATE sessions SET cut_done = NULL WHERE jsonb_typeof(cut_done) = 'null';
    ALTER TABLE sessions ADD COLUMN noted_at timestamptz NOT NULL DEFAULT now();

    ALTER TABLE projects ADD COLUMN made_at timestamptz NOT NULL DEFAULT date_trunc('milliseconds', now());
    ${['cords', 'hardware']
      .map(
        (table) => `
    ALTER TABLE ${table} RENAME TO ${table}_before;
    CREATE TABLE ${table} (
      slug text NOT NULL CHECK (slug ~ '^[a-z0-9-]+$'),
      revision integer NOT NULL CHECK (revision > 0),
      doc jsonb NOT NULL CONSTRAINT ${table}_doc_is_its_own CHECK (doc->>'slug' = slug AND (doc->>'revision')::integer = revision),
      made_at timestamptz NOT NULL DEFAULT date_trunc('milliseconds', now()),
      PRIMARY KEY (slug, revision)
    );
    INSERT INTO ${table} (slug, revision, doc)
      SELECT slug, version, doc || jsonb_build_object('revision', version) FROM ${table}_before;
    DROP TABLE ${table}_before;
    CREATE TRIGGER ${table}_mark AFTER INSERT OR UPDATE OR DELETE OR TRUNCATE ON ${table}
      FOR EACH STATEMENT EXECUTE FUNCTION mark_studio();`,
      )
      .join('\n')}
    ALTER TABLE settings RENAME TO settings_before;
    CREATE TABLE settings (
      revision integer PRIMARY KEY CONSTRAINT settings_revision_counts CHECK (revision > 0),
      doc jsonb NOT NULL,
      made_at timestamptz NOT NULL DEFAULT date_trunc('milliseconds', now())
    );
    INSERT INTO settings (revision, doc) SELECT version, doc FROM settings_before;
    DROP TABLE settings_before;
    CREATE TRIGGER settings_mark AFTER INSERT OR UPDATE OR DELETE OR TRUNCATE ON settings
      FOR EACH STATEMENT EXECUTE FUNCTION mark_studio();

    ALTER TABLE people ADD COLUMN forgotten boolean NOT NULL DEFAULT false;
    UPDATE people SET forgotten = true WHERE name = 'Forgotten' AND age IS NULL
      AND NOT EXISTS (SELECT 1 FROM wrists WHERE person_id = people.id);
    UPDATE seats SET wrist_mm = NULL, wrist_method = NULL, wrist_on = NULL, hand_mm = NULL, note = '', wishes = '{}'
      FROM people WHERE people.id = person_id AND people.forgotten;
  `,
  down: `
    ALTER TABLE people DROP COLUMN forgotten;
    ${['cords', 'hardware']
      .map(
        (table) => `
    ALTER TABLE ${table} RENAME TO ${table}_after;
    CREATE TABLE ${table} (
      slug text PRIMARY KEY CHECK (slug ~ '^[a-z0-9-]+$'),
      doc jsonb NOT NULL CHECK (doc->>'slug' = slug),
      version integer NOT NULL DEFAULT 1 CHECK (version > 0)
    );
    INSERT INTO ${table} (slug, doc, version)
      SELECT DISTINCT ON (slug) slug, doc - 'revision', revision FROM ${table}_after ORDER BY slug, revision DESC;
    DROP TABLE ${table}_after;
    CREATE TRIGGER ${table}_mark AFTER INSERT OR UPDATE OR DELETE OR TRUNCATE ON ${table}
      FOR EACH STATEMENT EXECUTE FUNCTION mark_studio();`,
      )
      .join('\n')}
    ALTER TABLE settings RENAME TO settings_after;
    CREATE TABLE settings (
      id integer PRIMARY KEY DEFAULT 1 CHECK (id = 1),
      doc jsonb NOT NULL,
      version integer NOT NULL DEFAULT 1 CHECK (version > 0)
    );
    INSERT INTO settings (doc, version) SELECT doc, revision FROM settings_after ORDER BY revision DESC LIMIT 1;
    DROP TABLE settings_after;
    CREATE TRIGGER settings_mark AFTER INSERT OR UPDATE OR DELETE OR TRUNCATE ON settings
      FOR EACH STATEMENT EXECUTE FUNCTION mark_studio();
    ALTER TABLE projects DROP COLUMN made_at;
    ALTER TABLE sessions DROP COLUMN noted_at;
    UPDATE sessions s SET cut_done = (
      SELECT coalesce(jsonb_agg((cut - 'anatomy') || jsonb_build_object('seat', seat->>'seat', 'label', seat->>'label')), '[]'::jsonb)
        FROM jsonb_array_elements(s.cut_done->'seats') AS seat, jsonb_array_elements(seat->'plan'->'cut'->'cuts') AS cut)
      WHERE jsonb_typeof(s.cut_done) = 'object';
  `,
};
