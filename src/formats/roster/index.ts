export { readRoster } from './read-roster';
export type { RosterFault, RosterLine, RosterProject, RosterSeat, Span, SpanKind } from './roster-line';
