import type { Migration } from './migration';

/** A seat may carry what its maker counted: so many half knots made so much band. */
export const counts: Migration = {
  name: '008-counts',
  up: 'ALTER TABLE seats ADD COLUMN made jsonb;',
  down: 'ALTER TABLE seats DROP COLUMN made;',
};
