import type { Migration } from './migration';

/** Items no longer say how much of them to keep: the outlook nets what the sessions need, and nothing read it. */
export const items: Migration = {
  name: '005-items',
  up: `UPDATE items SET doc = doc - 'least'`,
  down: `UPDATE items SET doc = doc || '{"least": 0}'`,
};
