export { readRoster } from './read-roster';
export type { RosterFault, RosterLine, RosterProject, RosterSeat } from './roster-line';
