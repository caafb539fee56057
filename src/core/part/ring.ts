import { turnWays, checkOpening, turnRound } from './bar';
import { nothingAlong, type Part } from './part';

/** A split ring, swivel or snap hook: each leg goes through its eye and comes back to work over the core. */
export const ring: Part = {
  slug: 'ring',
  name: 'Ring, swivel or snap hook',
  stretch: 'closure',
  use: turnRound,
  ways: turnWays,
  along: nothingAlong,
  check: checkOpening,
  seconds: 30,
  tools: ['ruler'],
  step: 'Bring both legs through the eye, set the distance from knot to ring on the ruler, and turn them back.',
};
