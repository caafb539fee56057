import { measured } from './measured';
import type { School } from './school';

/** Everybody's cord is cut for the largest wrist of the group and some headroom; each knots until it fits, and ties off there. */
export const tryOn: School = {
  slug: 'try-on',
  name: 'Try on',
  meant: 'pieces made to a wrist, by a group that ties until it fits',
  cutFor: (size, group, figures) =>
    'wrist' in size ? { wrist: Math.max(size.wrist, group.wrist) + figures.try_on_headroom } : null,
  leg: measured.leg,
};
