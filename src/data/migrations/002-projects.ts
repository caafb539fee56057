import type { Migration } from './migration';

/**
 * Projects are kept in every revision, so that a session stays with the one it was planned with; hardware gains the measures
 * that beads and buttons need; and all five schools can be chosen. Projects in the first shape are dropped: only shipped ones
 * had it, and what ships is put back right after.
 */
export const projects: Migration = {
  name: '002-projects',
  up: `
    ALTER TABLE seats DROP CONSTRAINT seats_project_fkey;
    DROP TABLE projects;
    CREATE TABLE projects (
      slug text NOT NULL CHECK (slug ~ '^[a-z0-9-]+$'),
      revision integer NOT NULL CHECK (revision > 0),
      doc jsonb NOT NULL CHECK (doc->>'slug' = slug AND (doc->>'revision')::integer = revision),
      PRIMARY KEY (slug, revision)
    );
    ALTER TABLE seats ADD COLUMN project_revision integer;
    UPDATE seats SET project_revision = 1 WHERE project IS NOT NULL;
    ALTER TABLE seats
      ADD CONSTRAINT seats_project_whole CHECK ((project IS NULL) = (project_revision IS NULL)),
      ADD CONSTRAINT seats_project_fkey FOREIGN KEY (project, project_revision) REFERENCES projects (slug, revision) NOT VALID;
    UPDATE hardware SET doc = '{"length_mm": 0, "width_mm": 0}'::jsonb || doc;
    ALTER TABLE sessions DROP CONSTRAINT sessions_school_check,
      ADD CONSTRAINT sessions_school_check CHECK (school IN ('measured', 'ratio', 'core-multiple', 'size-class', 'try-on'));
    ALTER TABLE seats DROP CONSTRAINT seats_school_check,
      ADD CONSTRAINT seats_school_check CHECK (school IN ('measured', 'ratio', 'core-multiple', 'size-class', 'try-on'));
  `,
  down: `
    ALTER TABLE seats DROP CONSTRAINT seats_project_fkey, DROP CONSTRAINT seats_project_whole, DROP COLUMN project_revision;
    DELETE FROM projects older USING projects newer WHERE older.slug = newer.slug AND older.revision < newer.revision;
    ALTER TABLE projects DROP CONSTRAINT projects_pkey, DROP COLUMN revision, ADD PRIMARY KEY (slug),
      ADD COLUMN version integer NOT NULL DEFAULT 1 CHECK (version > 0);
    ALTER TABLE seats ADD CONSTRAINT seats_project_fkey FOREIGN KEY (project) REFERENCES projects (slug) NOT VALID;
  `,
};
