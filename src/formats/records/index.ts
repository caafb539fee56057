export type { HistoryPiece } from './history-line';
export { readHistory, type HistoryFault, type HistoryNames, type ReadHistory } from './read-history';
export { historyCsv } from './write-history';
