import type { Act } from '../../core/making';

/** What a page and a card say at the last act at which something can still be changed. */
export const LAST_CHANCES: Readonly<Record<NonNullable<Act['last_chance']>, string>> = {
  length: 'Last chance to change the length.',
  loop: 'Last chance to change the loop.',
  opening: 'Last chance to change how wide it opens.',
  order: 'Last chance to move it along the cord.',
};
