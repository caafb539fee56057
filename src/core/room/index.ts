export { luckOf, type Luck } from './luck';
export { serve, type Turn } from './station';
export { simulateRoom, type RoomTimes, type SeatTimes } from './simulate';
export type { Likely } from './likely';
export { simulateRest, type RestSeat, type RestSpan, type RestTimes } from './rest';
export type { Room, RoomSeat } from './room';
