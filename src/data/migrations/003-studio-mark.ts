import type { Migration } from './migration';

const TABLES = ['settings', 'cords', 'hardware', 'projects'];

/** A mark that changes with any document of the studio, so that what was read of it can be kept while it has not changed. */
export const studioMark: Migration = {
  name: '003-studio-mark',
  up: `
    CREATE TABLE studio_mark (id integer PRIMARY KEY DEFAULT 1 CHECK (id = 1), mark uuid NOT NULL);
    INSERT INTO studio_mark (mark) VALUES (gen_random_uuid());
    CREATE FUNCTION mark_studio() RETURNS trigger LANGUAGE plpgsql AS
      'BEGIN UPDATE studio_mark SET mark = gen_random_uuid(); RETURN NULL; END';
    ${TABLES.map(
      (table) => `CREATE TRIGGER ${table}_mark AFTER INSERT OR UPDATE OR DELETE OR TRUNCATE ON ${table}
      FOR EACH STATEMENT EXECUTE FUNCTION mark_studio();`,
    ).join('\n    ')}
  `,
  down: `
    ${TABLES.map((table) => `DROP TRIGGER ${table}_mark ON ${table};`).join('\n    ')}
    DROP FUNCTION mark_studio;
    DROP TABLE studio_mark;
  `,
};
