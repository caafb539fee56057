import type { What } from '../src/core/bench';

/** Something said at the demo's bench: how many minutes ago, of which seat by its place, and what. */
export type DemoSaid = readonly [ago: number, seat: number | null, what: What, value?: string | number];

/** Twenty minutes of the lunch hour at the sluice house: two tables, one who came late, one who asks for help. */
export const SLUICE_BENCH: readonly DemoSaid[] = [
  [20, null, 'begin'],
  ...[0, 1, 2, 3].map((seat): DemoSaid => [20, seat, 'table', '1']),
  ...[4, 5, 6, 7].map((seat): DemoSaid => [20, seat, 'table', '2']),
  ...[0, 1, 2, 3, 4, 5, 6].map((seat): DemoSaid => [19, seat, 'here']),
  [12, 7, 'here'],
  ...[6, 3, 0].map((seat): DemoSaid => [11, seat, 'step', 'knot 1']),
  ...[1, 2, 4, 5].map((seat): DemoSaid => [9, seat, 'step', 'knot 1']),
  [6, 7, 'step', 'knot 1'],
  [5, 6, 'made', 20],
  [5, 3, 'made', 13],
  [5, 0, 'made', 10],
  [4, 4, 'made', 6],
  [4, 1, 'made', 5],
  [3, 2, 'help'],
  [3, 2, 'made', 3],
  [2, 5, 'made', 5],
  [1, 6, 'made', 14],
  [1, 3, 'made', 9],
  [1, 0, 'made', 8],
  [1, 4, 'made', 4],
  [1, 1, 'made', 3],
  [1, 7, 'made', 4],
];
