import type { Migration } from './migration';

/** A session has somebody who leads it, and a room that can be arranged. */
export const rooms: Migration = {
  name: '009-rooms',
  up: `
    ALTER TABLE sessions ADD COLUMN leader text NOT NULL DEFAULT '' CHECK (length(leader) <= 120);
    ALTER TABLE sessions ADD COLUMN room jsonb NOT NULL DEFAULT '{"adults":1,"fire_by":"","tied":[],"early":[]}';
  `,
  down: `
    ALTER TABLE sessions DROP COLUMN leader, DROP COLUMN room;
  `,
};
