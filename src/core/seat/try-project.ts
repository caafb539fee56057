import type { Catalogue, Options, Project } from '../project';
import type { Fault } from '../result';
import { LOOPS, type Figures } from '../studio';
import { exampleSeat } from './example-seat';
import { reckonSeat } from './plan-seat';

/** A child's, a usual and a large wrist, mm. */
const WRISTS = [130, 170, 210];

const upTo = (most: number): number[] => Array.from({ length: most }, (_, i) => i + 1);

/** Every way the options of a project can be taken together. */
function waysOf({ options }: Project): Options[] {
  const choices: (readonly Options[])[] = [
    options.colours ? upTo(options.colours.most).map((colours) => ({ colours })) : [{}],
    options.wraps ? upTo(options.wraps.most).map((wraps) => ({ wraps })) : [{}],
    options.swap === undefined ? [{}] : [{ swap: true }, { swap: false }],
    options.loop === undefined ? [{}] : LOOPS.map((loop) => ({ loop })),
    options.beads === undefined ? [{}] : [{}, { beads: 5 }],
  ];
  return choices.reduce<Options[]>(
    (ways, more) => ways.flatMap((way) => more.map((one) => ({ ...way, ...one }))),
    [{}],
  );
}

/**
 * Plans a project as seats would, over its options and three wrists: what cannot be reckoned, or has no cord that is cut, must not be
 * saved, for every page that lists it would meet it.
 *
 * @returns the fault, or null where every way of it can be planned
 *
 * @example
 * tryProject(catalogue.projects['fob-ring'], catalogue, figures) // null
 */
export function tryProject(project: Project, catalogue: Catalogue, figures: Figures): Fault | null {
  const own = { ...catalogue, projects: { ...catalogue.projects, [project.slug]: project } };
  const wrists = project.sizing.by === 'wrist' ? WRISTS : [null];
  for (const options of waysOf(project)) {
    const way = Object.entries(options)
      .map(([name, value]) => `${name} ${String(value)}`)
      .join(', ');
    for (const wrist of wrists) {
      const seat = exampleSeat(project, { options, ...(wrist !== null && { size: { wrist } }) });
      const at = way === '' ? '' : ` with ${way}`;
      try {
        const { piece } = reckonSeat(seat, own, figures);
        if (!piece?.cords.some(({ use }) => use.role !== 'thread'))
          return { error: `Nothing but thread is left of it${at}: give it a cord that is always there`, at: '/cords' };
        if (piece.layout.every((item) => !('runs' in item)))
          return { error: `No section of its band has cord in it${at}`, at: '/sections' };
      } catch {
        return { error: `It cannot be reckoned${at}: a leg, part or section there leads to nothing`, at: '/cords' };
      }
    }
  }
  return null;
}
