import type { School as Slug } from '../../studio';
import { coreMultiple } from './core-multiple';
import { measured } from './measured';
import { ratio } from './ratio';
import type { School } from './school';
import { sizeClass } from './size-class';
import { tryOn } from './try-on';

export type { Group, School, SchoolContext } from './school';

/** Every school, by slug, the default first. A new one is a file beside these and a line here. */
export const SCHOOL_LIST: Readonly<Record<Slug, School>> = {
  measured,
  ratio,
  'core-multiple': coreMultiple,
  'size-class': sizeClass,
  'try-on': tryOn,
};
