export { readRoster } from './read-roster';
export { SHIPPED_VOCABULARY, VocabularySchema, type Vocabulary } from './vocabulary';
export type { RosterFault, RosterLine, RosterProject, RosterSeat, Span, SpanKind } from './roster-line';
