import type { Migration } from './migration';

/** A seat may carry what its maker counted, so many half knots made so much band; and may leave open what nobody said of its skill. */
export const counts: Migration = {
  name: '008-counts',
  up: `
    ALTER TABLE seats ADD COLUMN made jsonb;
    ALTER TABLE seats ALTER COLUMN skill DROP NOT NULL, ALTER COLUMN skill DROP DEFAULT;
  `,
  down: `
    UPDATE seats SET skill = 'new' WHERE skill IS NULL;
    ALTER TABLE seats ALTER COLUMN skill SET DEFAULT 'new', ALTER COLUMN skill SET NOT NULL;
    ALTER TABLE seats DROP COLUMN made;
  `,
};
