import type { Project } from './project';

/** What a new project starts as: one cord folded as core, one tied on and working, square knots to length. */
export const BLANK_PROJECT: Project = {
  format: 'lapboard-project',
  version: 1,
  revision: 1,
  slug: 'new-project',
  name: 'New project',
  kind: 'bracelet',
  summary: '',
  difficulty: 1,
  sizing: { by: 'wrist' },
  opens: 'fastener',
  options: { colours: { most: 2, start: 1 } },
  hardware: [],
  parts: [
    { id: 'loop', part: 'fold-loop', mate: 'stopper' },
    { id: 'on', part: 'tie-middle', strands: 2 },
    { id: 'stopper', part: 'overhand', strands: 2 },
    { id: 'end', part: 'fused-end' },
  ],
  sections: [{ id: 'band', runs: [{ stitch: 'square-knot', times: 1 }], count: 'fill' }],
  layout: ['band', 'stopper'],
  cords: [
    {
      role: 'core',
      default: 'cotton-2',
      colour: 0,
      legs: [
        { route: [{ part: 'loop' }, { core: 'band' }, { part: 'stopper' }] },
        { route: [{ part: 'loop' }, { core: 'band' }, { part: 'stopper' }] },
      ],
    },
    {
      role: 'working',
      default: 'cotton-2',
      colour: 1,
      legs: [
        { route: [{ part: 'on' }, { work: 'band', as: 'a' }, { part: 'end' }] },
        { route: [{ part: 'on' }, { work: 'band', as: 'b' }, { part: 'end' }] },
      ],
    },
  ],
};
