export { NOTHING_SAID, type Said, type SaidSpan } from './said';
export { differences, taught, withWords, wordsOf } from './words/with-words';
export { SHIPPED_VOCABULARY } from './words/vocabulary';
export { readRoster } from './read-roster';
export type { RosterFault, RosterLine, RosterProject, RosterSeat, Span, SpanKind } from './roster-line';
