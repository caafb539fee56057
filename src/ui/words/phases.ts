import type { PhaseName } from '../../core/pace';

/** What the phases of a seat are called. */
export const PHASE_NAMES: Readonly<Record<PhaseName, string>> = {
  settle: 'Settle in',
  prepare: 'Prepare',
  'set-up': 'Set up',
  start: 'Start',
  knot: 'Knot',
  bead: 'Beads',
  close: 'Close it',
  check: 'Stop and look',
  finish: 'Ends',
  wear: 'Wear it',
  tidy: 'Tidy up',
};
