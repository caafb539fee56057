import { expose } from 'comlink';
import { simulateRest } from '../core/room';
import { remediesFor, roomTimes } from '../core/remedy';

const work = { times: roomTimes, remedies: remediesFor, rest: simulateRest };
export type RoomWorker = typeof work;
expose(work);
