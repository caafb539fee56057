import { expose } from 'comlink';
import { remediesFor, roomTimes } from '../core/remedy';

const work = { times: roomTimes, remedies: remediesFor };
export type RoomWorker = typeof work;
expose(work);
