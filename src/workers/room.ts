import { proxy, wrap, type Remote } from 'comlink';
import type { Remedy } from '../core/remedy';
import type { RestSeat, RestTimes, Room, RoomTimes } from '../core/room';
import type { Figures } from '../core/studio';
import type { SessionView } from '../core/session';
import type { RoomWorker } from './room.worker';

function startWorker(): { remote: Remote<RoomWorker>; failed: Promise<never>; end: () => void } {
  const worker = new Worker(new URL('./room.worker', import.meta.url), { type: 'module' });
  const failed = new Promise<never>((_, reject) => {
    worker.onerror = (event) => reject(new Error(event.message || 'the room could not be reckoned'));
  });
  return { remote: wrap<RoomWorker>(worker), failed, end: () => worker.terminate() };
}

/** The rest of a room that is under way, as it is simulated. */
export type RestAsked = readonly [seats: readonly RestSeat[], left: number, servers: number, figures: Figures];
/** Runs for the rest of a room: enough for a minute's sake, few enough to be done anew at every press. */
const REST = { runs: 600, seed: 5 };

/** A room reckoned in a worker that stays, so that the next is quicker; an answer that is not waited for any more is dropped. */
export function roomReckoner(): {
  times: (room: Room) => Promise<RoomTimes>;
  rest: (...asked: RestAsked) => Promise<RestTimes>;
  end: () => void;
} {
  const { remote, failed, end } = startWorker();
  return {
    times: (room) => Promise.race([remote.times(room) as Promise<RoomTimes>, failed]),
    rest: (...asked) => Promise.race([remote.rest(...asked, REST) as Promise<RestTimes>, failed]),
    end,
  };
}

/** Tries every remedy for a session in a worker of its own; stopped, it says nothing. */
export function startRemedies(
  view: SessionView,
  begun: boolean,
  onTried: (tried: number, of: number) => void,
): { done: Promise<Remedy[] | null>; stop: () => void } {
  const { remote, failed, end } = startWorker();
  let stop = (): void => undefined;
  const stopped = new Promise<null>((resolve) => {
    stop = () => resolve(null);
  });
  // What is told comes by another way than the answer, and may come after it.
  let isOver = false;
  const told = (tried: number, of: number): void => {
    if (!isOver) onTried(tried, of);
  };
  const found = remote.remedies(view, begun, proxy(told)) as Promise<Remedy[]>;
  const done = Promise.race([found, stopped, failed]).finally(() => {
    isOver = true;
    end();
  });
  return { done, stop };
}
