import type { Migration } from './migration';

/** People, sessions, seats, the catalogue and the studio's settings. */
export const foundation: Migration = {
  name: '001-foundation',
  up: `
    CREATE TABLE settings (
      id integer PRIMARY KEY DEFAULT 1 CHECK (id = 1),
      doc jsonb NOT NULL,
      version integer NOT NULL DEFAULT 1 CHECK (version > 0)
    );
    CREATE TABLE cords (
      slug text PRIMARY KEY CHECK (slug ~ '^[a-z0-9-]+$'),
      doc jsonb NOT NULL CHECK (doc->>'slug' = slug),
      version integer NOT NULL DEFAULT 1 CHECK (version > 0)
    );
    CREATE TABLE hardware (
      slug text PRIMARY KEY CHECK (slug ~ '^[a-z0-9-]+$'),
      doc jsonb NOT NULL CHECK (doc->>'slug' = slug),
      version integer NOT NULL DEFAULT 1 CHECK (version > 0)
    );
    CREATE TABLE projects (
      slug text PRIMARY KEY CHECK (slug ~ '^[a-z0-9-]+$'),
      doc jsonb NOT NULL CHECK (doc->>'slug' = slug),
      version integer NOT NULL DEFAULT 1 CHECK (version > 0)
    );
    CREATE TABLE people (
      id uuid PRIMARY KEY,
      name text NOT NULL CHECK (length(btrim(name)) BETWEEN 1 AND 120),
      age integer CHECK (age BETWEEN 0 AND 120),
      age_on date,
      avoid text[] NOT NULL DEFAULT '{}' CHECK (avoid <@ ARRAY['nickel', 'synthetic']),
      version integer NOT NULL DEFAULT 1 CHECK (version > 0),
      CHECK ((age IS NULL) = (age_on IS NULL))
    );
    CREATE INDEX people_by_name ON people (lower(name));
    CREATE TABLE wrists (
      id bigint GENERATED ALWAYS AS IDENTITY PRIMARY KEY,
      person_id uuid NOT NULL REFERENCES people ON DELETE CASCADE,
      mm integer NOT NULL CHECK (mm BETWEEN 90 AND 280),
      method text NOT NULL CHECK (method IN ('tape', 'strip', 'told')),
      taken_on date NOT NULL,
      UNIQUE (person_id, taken_on)
    );
    CREATE TABLE sessions (
      id uuid PRIMARY KEY,
      title text NOT NULL CHECK (length(btrim(title)) BETWEEN 1 AND 120),
      held_on date NOT NULL,
      starts_at time,
      minutes integer CHECK (minutes BETWEEN 10 AND 720),
      place text NOT NULL DEFAULT '' CHECK (length(place) <= 120),
      school text CHECK (school IN ('measured', 'ratio', 'core-multiple')),
      cut_done jsonb,
      deleted_at timestamptz,
      version integer NOT NULL DEFAULT 1 CHECK (version > 0)
    );
    CREATE INDEX sessions_by_day ON sessions (held_on) WHERE deleted_at IS NULL;
    CREATE TABLE seats (
      id uuid PRIMARY KEY,
      session_id uuid NOT NULL REFERENCES sessions ON DELETE CASCADE,
      person_id uuid NOT NULL REFERENCES people,
      position integer NOT NULL CHECK (position >= 0),
      skill text NOT NULL DEFAULT 'new' CHECK (skill IN ('new', 'steady', 'fluent')),
      wrist_mm integer CHECK (wrist_mm BETWEEN 90 AND 280),
      wrist_method text CHECK (wrist_method IN ('tape', 'strip', 'told', 'estimate')),
      wrist_on date,
      hand_mm integer CHECK (hand_mm BETWEEN 110 AND 360),
      ease text NOT NULL DEFAULT 'easy' CHECK (ease IN ('snug', 'easy', 'loose')),
      project text REFERENCES projects (slug),
      band_mm integer CHECK (band_mm BETWEEN 20 AND 1000),
      options jsonb NOT NULL DEFAULT '{}',
      cords jsonb NOT NULL DEFAULT '{}',
      school text CHECK (school IN ('measured', 'ratio', 'core-multiple')),
      accepted boolean NOT NULL DEFAULT false,
      note text NOT NULL DEFAULT '' CHECK (length(note) <= 500),
      version integer NOT NULL DEFAULT 1 CHECK (version > 0),
      UNIQUE (session_id, person_id),
      CHECK ((wrist_mm IS NULL) = (wrist_method IS NULL) AND (wrist_mm IS NULL) = (wrist_on IS NULL))
    );
    CREATE INDEX seats_by_session ON seats (session_id, position);
    CREATE INDEX seats_by_person ON seats (person_id);
  `,
  down: 'DROP TABLE seats, sessions, wrists, people, projects, hardware, cords, settings;',
};
