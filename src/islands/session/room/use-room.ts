import { useEffect, useMemo, useRef, useState } from 'react';
import type { Room, RoomTimes } from '../../../core/room';
import { roomOf } from '../../../core/session';
import { roomReckoner } from '../../../workers/room';
import type { SessionModel } from '../model/use-session';

/** A session's room, and what probably becomes of it: both as before while it is reckoned anew, so that they fit each other. */
export interface RoomModel {
  readonly room: Room | null;
  readonly times: RoomTimes | null;
  readonly problem: string | null;
}

/** Changes that follow each other this closely are reckoned once, ms; the first is at once. */
const QUIET = 250;

/** Reckons the session's room off the main thread, whenever it changes; the first may have come with the page. */
export function useRoom({ view, seats, figures }: SessionModel, first: RoomTimes | null): RoomModel {
  const { session } = view;
  const room = useMemo(() => roomOf(session, seats, figures), [session, seats, figures]);
  const [reckoned, setReckoned] = useState(room && first && { room, times: first });
  const [problem, setProblem] = useState<string | null>(null);
  const reckoner = useRef<ReturnType<typeof roomReckoner> | null>(null);
  useEffect(() => () => reckoner.current?.end(), []);
  useEffect(() => {
    if (!room || room === reckoned?.room) return undefined;
    let isWanted = true;
    const timer = setTimeout(
      () => {
        reckoner.current ??= roomReckoner();
        reckoner.current.times(room).then(
          (times) => {
            if (!isWanted) return;
            setReckoned({ room, times });
            setProblem(null);
          },
          (error: Error) => {
            // A worker that failed answers nothing more: the next change begins with another.
            reckoner.current?.end();
            reckoner.current = null;
            if (isWanted) setProblem(error.message);
          },
        );
      },
      reckoner.current ? QUIET : 0,
    );
    return () => {
      isWanted = false;
      clearTimeout(timer);
    };
  }, [room, reckoned]);
  return room
    ? { room: reckoned?.room ?? room, times: reckoned?.times ?? null, problem }
    : { room, times: null, problem };
}
