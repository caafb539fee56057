export { luckOf, type Luck } from './luck';
export { serve, type Turn } from './station';
export { spansOf, type Span, type Wet } from './spans';
export { simulateRoom, type RoomTimes, type SeatTimes } from './simulate';
export type { Likely } from './likely';
export { simulateRest, type RestSeat, type RestSpan, type RestTimes } from './rest';
export type { Room, RoomSeat } from './room';
