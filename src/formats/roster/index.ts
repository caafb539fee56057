export { agesOnDay } from './whole/ages-on';
export { ROLES, type Column, type Role } from './roster-line';
export { NOTHING_SAID, SAID_AS, type Said, type SaidSpan } from './said';
export { differences, taught, withWords, wordsOf } from './words/with-words';
export { SHIPPED_VOCABULARY, type Vocabulary } from './words/vocabulary';
export { readRoster } from './read-roster';
export type { RosterFault, RosterLine, RosterProject, RosterSeat, Span, SpanKind } from './roster-line';
