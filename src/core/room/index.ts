export { luckOf, type Luck } from './luck';
export { serve, type Served } from './station';
export { simulateRoom, type Likely, type RoomTimes, type SeatTimes } from './simulate';
export type { Room, RoomSeat } from './room';
