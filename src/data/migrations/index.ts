import { foundation } from './001-foundation';
import { projects } from './002-projects';
import { studioMark } from './003-studio-mark';
import { shelf } from './004-shelf';
import { items } from './005-items';
import { keptPlans } from './006-kept-plans';
import { edge } from './007-edge';
import { counts } from './008-counts';
import { rooms } from './009-rooms';
import { bench } from './010-bench';
import { records } from './011-records';
import { bounds } from './012-bounds';
import { pieceThatFits } from './013-piece-that-fits';
import type { Migration } from './migration';

/** Every step in order. A new one is a file beside these and a word here. */
export const MIGRATIONS: readonly Migration[] = [
  foundation,
  projects,
  studioMark,
  shelf,
  items,
  keptPlans,
  edge,
  counts,
  rooms,
  bench,
  records,
  bounds,
  pieceThatFits,
];
