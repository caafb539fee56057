import type { Project } from '../project';
import type { School } from '../studio';
import type { Seat } from './seat';

/** The wrist that a project is shown for, mm: a usual grown-up’s. */
export const USUAL_WRIST = 170;

/**
 * A seat that asks for nothing special, to show, try or measure a project by.
 *
 * @example
 * exampleSeat(catalogue.projects['band-buckle'], { label: 'Ada' }).label // 'Ada'
 */
export function exampleSeat(project: Project, changes: Partial<Seat> = {}, school: School = 'measured'): Seat {
  return {
    label: project.name,
    size: project.sizing.by === 'wrist' ? { wrist: USUAL_WRIST } : null,
    estimated: false,
    hand: null,
    age: 30,
    skill: 'steady',
    ease: 'easy',
    avoid: [],
    project: project.slug,
    options: {},
    cords: {},
    school,
    made: null,
    ...changes,
  };
}
