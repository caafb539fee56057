export type { HistoryPiece } from './history-line';
export { readHistory, type HistoryFault, type HistoryNames, type ReadHistory } from './read-history';
export { historyRows } from './write-history';
export { HISTORY_COLUMNS } from './history-line';
