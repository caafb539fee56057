import { measured } from './measured';
import type { School } from './school';

/** One cut for each class of wrist, made for the largest of the class and trimmed at the end: for kits cut beforehand. */
export const sizeClass: School = {
  slug: 'size-class',
  name: 'Size class',
  meant: 'pieces made to a wrist, in kits cut beforehand',
  cutFor: (size, _group, figures) => {
    if (!('wrist' in size)) return null;
    const limits = [figures.class_small, figures.class_medium, figures.class_large, figures.class_extra];
    return { wrist: limits.find((limit) => size.wrist <= limit) ?? size.wrist };
  },
  leg: measured.leg,
};
