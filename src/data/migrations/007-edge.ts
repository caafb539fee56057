import type { Migration } from './migration';

/** What is written on a lot has a version, as everything that two people may change; a key remembers what it was a key of. */
export const edge: Migration = {
  name: '007-edge',
  up: `
    ALTER TABLE lots ADD COLUMN version integer NOT NULL DEFAULT 1 CHECK (version > 0);
    CREATE TABLE asked (
      key uuid PRIMARY KEY,
      mark text NOT NULL CHECK (length(mark) <= 64),
      made_at timestamptz NOT NULL DEFAULT now()
    );
  `,
  down: `
    DROP TABLE asked;
    ALTER TABLE lots DROP COLUMN version;
  `,
};
