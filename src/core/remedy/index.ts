export { remediesFor, roomTimes, SURE, type Remedy } from './rank';
export type { Cost } from './remedy';
